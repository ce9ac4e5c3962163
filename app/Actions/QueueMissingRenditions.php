<?php

declare(strict_types=1);

namespace App\Actions;

use App\Jobs\MakeRenditions;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureState;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Layouts;

/** Asks the queue for what a gallery's layout needs and does not have yet. */
final readonly class QueueMissingRenditions
{
    public function __construct(private MakePlannedRenditions $planned)
    {
    }

    public function handle(Gallery $gallery): void
    {
        foreach ($this->lacking($gallery) as $picture) {
            MakeRenditions::dispatch($picture->id);
        }
    }

    /**
     * @return list<Picture>
     */
    public function lacking(Gallery $gallery): array
    {
        $design = GalleryDesign::fromArray($gallery->design);
        $pictures = array_values($gallery->items->map(static fn ($item): Picture => $item->picture)->all());
        $ratios = array_map(static fn (Picture $picture): Ratio => $picture->size()->ratio(), $pictures);
        $plan = RenditionPlan::of($design, Layouts::of($design)->arrange($ratios));

        return array_values(array_filter(
            $pictures,
            fn (Picture $picture): bool => $picture->state !== PictureState::Failed && $this->planned->missing($picture, [$plan]) !== [],
        ));
    }
}
