<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Imaging\ImagingException;
use App\Models\Picture;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;

/** The files of an edition that was live once, for visitors again. */
final readonly class EditionFiles
{
    public function __construct(private Factory $disks, private LiveFiles $files, private GivenFiles $given)
    {
    }

    /**
     * Pictures that were deleted since, or taken offline everywhere, stay away.
     *
     * @param  bool  $isLocked  nobody is given its files without being asked
     * @return FrozenGallery what of the edition can be live again
     *
     * @throws ImagingException when a file that may be downloaded cannot be written
     */
    public function release(FrozenGallery $edition, bool $isLocked): FrozenGallery
    {
        $gone = [];
        foreach ($edition->items as $place => $item) {
            if ($item instanceof ShownPicture && ! $this->released($item, $edition, $isLocked)) {
                $gone[$edition->key($place)] = true;
            }
        }
        $whole = $edition->ground === null || $this->released($edition->ground, $edition, $isLocked) ? $edition : $edition->onNothing();

        return $gone === [] ? $whole : $whole->only(static fn (string $key): bool => ! isset($gone[$key]));
    }

    private function released(ShownPicture $shown, FrozenGallery $edition, bool $isLocked): bool
    {
        $key = basename($shown->address);
        $picture = Picture::query()->where('rendition_key', $key)->first();
        $video = $shown->video === null ? null : Picture::query()->where('rendition_key', basename(dirname($shown->video->address)))->first();
        if ($picture?->offline_at !== null || $video?->offline_at !== null || ($shown->video !== null && $video === null)) {
            return false;
        }
        $folder = Picture::folderOf($key);
        foreach ($shown->renditions as $rendition) {
            if (! $this->disks->disk('renditions')->exists("{$folder}/{$rendition->fileName()}")) {
                return false;
            }
            if (! $isLocked) {
                $this->files->release('renditions', "{$folder}/{$rendition->fileName()}", $key, $rendition->fileName());
            }
        }
        if ($isLocked) {
            return true;
        }
        if ($video !== null) {
            $this->given->releaseVideo($video);
            if ($video->track !== '') {
                $this->files->releaseText($video->track, $video->rendition_key, Picture::TRACK);
            }
        } elseif ($edition->design->viewer->giving->download->isOriginal() && $picture !== null && $shown->ending !== '') {
            [$disk, $path, $file] = $this->given->file($picture, $edition->design->viewer->giving->download);
            $this->files->release($disk, $path, $key, $file);
        }

        return true;
    }
}
