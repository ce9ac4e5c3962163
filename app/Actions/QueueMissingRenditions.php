<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\Workshop;
use App\Models\Gallery;

/** Asks the queue for what a gallery's layout needs and does not have yet. */
final readonly class QueueMissingRenditions
{
    public function __construct(private NeedsOfGallery $needs, private Workshop $workshop)
    {
    }

    public function handle(Gallery $gallery): void
    {
        foreach ($this->lacking($gallery) as $picture) {
            $this->workshop->makeRenditions($picture);
        }
    }

    /** Of a gallery that may be gone. */
    public function forGallery(?string $id): void
    {
        $gallery = $id === null ? null : Gallery::query()->find($id);
        if ($gallery !== null) {
            $this->handle($gallery);
        }
    }

    /**
     * @param  bool  $failedToo  what failed before is tried again
     * @return list<string> identifiers of pictures, in their order
     */
    public function lacking(Gallery $gallery, bool $failedToo = false): array
    {
        $needs = $this->needs->of($gallery);
        $lacking = [];
        /** @var array<string, list<string>> $wanted names of files, by size of the picture */
        $wanted = [];
        foreach ($needs->pictures as $row) {
            $size = $row->size();
            $wanted["{$size->width}x{$size->height}"] ??= array_keys($needs->plan->for($size));
            $made = $row->files();
            foreach ($row->hasFailed() && ! $failedToo ? [] : $wanted["{$size->width}x{$size->height}"] as $file) {
                if (! isset($made[$file])) {
                    $lacking[] = $row->faceId();
                    break;
                }
            }
        }

        return array_values(array_unique($lacking));
    }
}
