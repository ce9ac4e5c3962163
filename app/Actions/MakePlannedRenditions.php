<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\ImagingException;
use App\Imaging\RenditionMaker;
use App\Imaging\Source;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureState;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\Connection;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;

/** Makes the renditions a picture lacks for the galleries it is in. */
final readonly class MakePlannedRenditions
{
    public function __construct(
        private RenditionMaker $maker,
        private Factory $disks,
        private Connection $database,
        private NeedsOfGallery $needs,
        private PixelGrids $grids,
    ) {
    }

    /**
     * @throws ImagingException when the original cannot be read
     */
    public function handle(Picture $picture): void
    {
        $missing = $this->missing($picture, $this->plans($picture));
        $made = $missing === [] ? [] : $this->maker->make(
            new Source($this->disks->disk('originals')->path($picture->originalPath()), $picture->upright(), $picture->recipe(), $picture->is_moving),
            $missing,
            $this->disks->disk('renditions'),
            $picture->renditionFolder(),
        );
        $key = $picture->rendition_key;
        $fresh = $this->database->transaction(static function () use ($picture, $made, $key): Picture {
            $fresh = Picture::query()->findOrFail($picture->id);
            // It may have been tidied anew in the meantime; what was made then belongs to another address.
            if ($fresh->rendition_key === $key) {
                $fresh->update(['renditions' => $made + $fresh->renditions, 'state' => PictureState::Ready, 'failure' => null, 'tries' => 0]);
            }

            return $fresh;
        });
        $this->grids->prepare($fresh);
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
        $ids = [$picture->id, ...Picture::query()->where('poster_id', $picture->id)->pluck('id')->all()];
        $galleries = Gallery::query()->with('panes')->whereHas('items', static fn ($items) => $items->whereIn('picture_id', $ids))->get();
        foreach ($galleries as $gallery) {
            $plans[] = $this->needs->planOf($gallery);
        }

        return $plans;
    }
}
