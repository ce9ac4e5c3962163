<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Imaging\ImagingException;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureState;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;

/** Whether the files are there that a gallery leads to: before it goes live, and as visitors would ask for them. */
final readonly class FilesAtHand
{
    public function __construct(private Factory $disks, private LiveFiles $live)
    {
    }

    /**
     * Forgets renditions that are written down and not on the disk, or not whole, so that they are made anew.
     * Needs the items with their pictures loaded.
     *
     * @return bool whether there were such
     */
    public function forgetLost(Gallery $gallery): bool
    {
        $lost = false;
        $shown = [$gallery->groundPicture()];
        foreach ($gallery->items as $item) {
            $shown[] = $item->isKeptBack() ? null : $item->picture?->face();
        }
        foreach ($shown as $picture) {
            $there = $picture === null ? [] : array_filter($picture->renditions, fn (int $bytes, string $file): bool => $this->isWhole($picture, $file, $bytes), ARRAY_FILTER_USE_BOTH);
            if ($picture !== null && count($there) < count($picture->renditions)) {
                $lost = true;
                $picture->update(['renditions' => $there, 'state' => PictureState::Preparing]);
            }
        }

        return $lost;
    }

    /**
     * @throws ImagingException when something in it leads nowhere
     */
    public function refuseDeadLinks(FrozenGallery $gallery): void
    {
        foreach ([...$gallery->items, $gallery->ground] as $item) {
            if (! $item instanceof ShownPicture) {
                continue;
            }
            foreach ($item->renditions as $rendition) {
                $this->refuseDead("{$item->address}/{$rendition->fileName()}", $rendition->bytes, $item);
            }
            if ($item->video !== null) {
                $this->refuseDead($item->video->address, null, $item);
            }
        }
    }

    /**
     * @throws ImagingException
     */
    private function refuseDead(string $address, ?int $bytes, ShownPicture $picture): void
    {
        $path = $this->live->findMedia(basename(dirname($address)), basename($address));
        if ($path === null || ($bytes !== null && filesize($path) !== $bytes)) {
            throw ImagingException::fileMissing($picture->words->title === '' ? basename($address) : $picture->words->title);
        }
    }

    private function isWhole(Picture $picture, string $file, int $bytes): bool
    {
        $path = $this->disks->disk('renditions')->path("{$picture->renditionFolder()}/{$file}");

        return is_file($path) && filesize($path) === $bytes;
    }
}
