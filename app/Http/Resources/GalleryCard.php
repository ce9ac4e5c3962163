<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Pane;
use App\Models\Picture;
use App\Models\Site;
use App\Publishing\PendingChanges;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Layouts;

/**
 * A gallery in the list: drawn by its own layout in small.
 *
 * @property Gallery $resource
 */
final class GalleryCard extends JsonResource
{
    /** Inner width in px at which the miniature is drawn, and how much of its height is shown. */
    private const WIDTH = 1120;

    private const HEIGHT = 700;

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $gallery = $this->resource;
        $pending = PendingChanges::of($gallery, Site::query()->with('pages.panes')->firstOrFail());

        return [
            'id' => $gallery->id,
            'title' => $gallery->title,
            'pictures' => $gallery->items->count(),
            'pages' => $gallery->panes->map(static fn (Pane $pane): string => $pane->page->title)->unique()->values(),
            'state' => match (true) {
                $gallery->edition_id === null => 'draft',
                $pending->changes === [] => 'live',
                default => 'changed',
            },
            'changes' => count($pending->changes),
            'miniature' => ['width' => self::WIDTH, 'height' => self::HEIGHT, 'tiles' => $this->miniature($gallery)],
        ];
    }

    /**
     * @return list<array<string, mixed>> places in px of the miniature
     */
    private function miniature(Gallery $gallery): array
    {
        $design = GalleryDesign::fromArray($gallery->design);
        $pictures = array_values($gallery->items->map(static fn (GalleryItem $item): Picture => $item->picture)->all());
        $ratios = array_map(static fn (Picture $picture): Ratio => $picture->size()->ratio(), $pictures);
        $tiles = [];
        foreach (Layouts::of($design)->arrange($ratios)->at(self::WIDTH)->boxes as $i => $box) {
            $place = $box->at(self::WIDTH);
            if ($place['top'] < self::HEIGHT) {
                $shape = Ratio::of($place['width'], $place['height']);
                $at = CropWindow::cover($ratios[$i], $shape, $pictures[$i]->focal())->objectPosition();
                $tiles[] = [...$place, 'src' => $pictures[$i]->thumbnail(240), 'at' => $at, 'fit' => $design->layout->filling === Filling::Crop ? 'cover' : 'contain'];
            }
        }

        return $tiles;
    }
}
