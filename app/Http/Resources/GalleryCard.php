<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Gallery;
use App\Models\Pane;
use App\Models\Site;
use App\Publishing\GalleryRenderer;
use App\Publishing\PendingChanges;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

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

    /** px between albums. */
    private const BETWEEN = 40;

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $gallery = $this->resource;
        $drawn = GalleryRenderer::ofDraft($gallery);
        $pending = PendingChanges::of($gallery, Site::query()->with('pages.panes')->firstOrFail(), $drawn);

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
            'miniature' => ['width' => self::WIDTH, 'height' => self::HEIGHT, 'tiles' => $this->miniature($drawn)],
        ];
    }

    /**
     * @return list<array<string, mixed>> places in px of the miniature
     */
    private function miniature(GalleryRenderer $drawn): array
    {
        $tiles = [];
        $top = 0.0;
        foreach ($drawn->sections() as $section) {
            $band = $section->arrangement->at(self::WIDTH);
            $tiles = [...$tiles, ...Miniature::tiles($band, $section->items, $drawn->design->layout, self::WIDTH, self::HEIGHT, $top)];
            $top += $band->height->at(self::WIDTH) + self::BETWEEN;
        }

        return $tiles;
    }
}
