<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureKind;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;

/** Which files of pictures anyone may fetch: those that a live gallery shows. */
final readonly class Releases
{
    public function __construct(private LiveFiles $files)
    {
    }

    /** Needs the items with their pictures loaded. */
    public function release(Gallery $gallery): void
    {
        $ground = $gallery->groundPicture();
        $ground === null ?: $this->releaseFiles($ground);
        foreach ($gallery->items as $item) {
            $face = $item->picture?->face();
            if ($item->is_hidden || $item->picture === null || $face === null) {
                continue;
            }
            $this->releaseFiles($face);
            if ($item->picture->kind === PictureKind::Video) {
                $this->files->release('originals', $item->picture->originalPath(), $item->picture->rendition_key, $item->picture->videoFile());
            }
        }
    }

    private function releaseFiles(Picture $picture): void
    {
        foreach (array_keys($picture->renditions) as $file) {
            $this->files->release('renditions', $picture->renditionFolder().'/'.$file, $picture->rendition_key, $file);
        }
    }

    /**
     * @param  list<FrozenGallery>  $others  that are still live
     */
    public function withdraw(FrozenGallery $gone, array $others): void
    {
        $kept = array_merge([], ...array_map(self::addresses(...), $others));
        foreach (array_diff(self::addresses($gone), $kept) as $address) {
            $this->files->withdraw(basename($address));
        }
    }

    /**
     * @return list<string> of the folders of files it shows
     */
    private static function addresses(FrozenGallery $gallery): array
    {
        $addresses = $gallery->ground === null ? [] : [$gallery->ground->address];
        foreach ($gallery->items as $item) {
            if ($item instanceof ShownPicture) {
                $addresses[] = $item->address;
                if ($item->video !== null) {
                    $addresses[] = dirname($item->video->address);
                }
            }
        }

        return $addresses;
    }
}
