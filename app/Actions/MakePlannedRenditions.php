<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\ImagingException;
use App\Imaging\RenditionMaker;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureState;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\ConnectionInterface;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Layouts;

/** Makes the renditions a picture lacks for the galleries it is in. */
final readonly class MakePlannedRenditions
{
    public function __construct(
        private RenditionMaker $maker,
        private Factory $disks,
        private ConnectionInterface $database,
    ) {
    }

    /**
     * @throws ImagingException when the original cannot be read
     */
    public function handle(Picture $picture): void
    {
        $missing = $this->missing($picture, $this->plans($picture));
        $made = $missing === [] ? [] : $this->maker->make(
            $this->disks->disk('originals')->path($picture->originalPath()),
            $missing,
            $this->disks->disk('renditions'),
            $picture->renditionFolder(),
        );
        $this->database->transaction(static function () use ($picture, $made): void {
            // Written first, so that the transaction waits for its lock instead of failing (see GalleryStore).
            Picture::query()->whereKey($picture->id)->update(['state' => PictureState::Ready, 'failure' => null]);
            $fresh = Picture::query()->findOrFail($picture->id);
            $fresh->update(['renditions' => $made + $fresh->renditions]);
        });
    }

    /**
     * @param  list<RenditionPlan>  $plans
     * @return list<Rendition>
     */
    public function missing(Picture $picture, array $plans): array
    {
        $missing = [];
        foreach ($plans as $plan) {
            $missing += array_diff_key($plan->for($picture->size()), $picture->madeRenditions());
        }

        return array_values($missing);
    }

    /**
     * @return list<RenditionPlan>
     */
    private function plans(Picture $picture): array
    {
        $plans = [RenditionPlan::basic()];
        $galleries = Gallery::query()->whereHas('items', static fn ($items) => $items->where('picture_id', $picture->id))
            ->with('items.picture')->get();
        foreach ($galleries as $gallery) {
            $design = GalleryDesign::fromArray($gallery->design);
            $ratios = array_values($gallery->items->map(static fn ($item): Ratio => $item->picture->size()->ratio())->all());
            $plans[] = RenditionPlan::of($design, Layouts::of($design)->arrange($ratios));
        }

        return $plans;
    }
}
