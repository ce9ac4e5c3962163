<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\Workshop;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureState;

/** Asks the queue for what a gallery's layout needs and does not have yet. */
final readonly class QueueMissingRenditions
{
    public function __construct(private MakePlannedRenditions $planned, private NeedsOfGallery $needs, private Workshop $workshop)
    {
    }

    public function handle(Gallery $gallery): void
    {
        foreach ($this->lacking($gallery) as $picture) {
            $this->workshop->makeRenditions($picture->id);
        }
    }

    /** Of a gallery that may be gone. */
    public function forGallery(?string $id): void
    {
        $gallery = $id === null ? null : Gallery::query()->find($id);
        $gallery === null ?: $this->handle($gallery);
    }

    /**
     * @return list<Picture>
     */
    public function lacking(Gallery $gallery): array
    {
        $needs = $this->needs->of($gallery->loadMissing(Gallery::ITEMS));

        return array_values(array_filter(
            $needs->pictures,
            fn (Picture $picture): bool => $picture->state !== PictureState::Failed && $this->planned->missing($picture, [$needs->plan]) !== [],
        ));
    }
}
