<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Imaging\ImagingException;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureKind;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;

/** Which files of pictures anyone may fetch: those that a live gallery shows. */
final readonly class Releases
{
    public function __construct(private LiveFiles $files, private GivenFiles $given)
    {
    }

    /**
     * Needs the items with their pictures loaded.
     *
     * @throws ImagingException when a file that may be downloaded cannot be written
     */
    public function release(Gallery $gallery): void
    {
        $this->given->release($gallery);
        $ground = $gallery->groundPicture();
        $ground === null ?: $this->releaseFiles($ground);
        foreach ($gallery->items as $item) {
            $face = $item->picture?->face();
            if ($item->is_hidden || $item->picture === null || $face === null) {
                continue;
            }
            $this->releaseFiles($face);
            if ($item->picture->kind === PictureKind::Video) {
                $this->given->releaseVideo($item->picture);
                $item->picture->track === '' ?: $this->files->releaseText($item->picture->track, $item->picture->rendition_key, Picture::TRACK);
            }
        }
    }

    /**
     * Takes back originals that are not offered any more.
     *
     * @param  list<FrozenGallery>  $before  that were live
     * @param  list<FrozenGallery>  $live  now
     */
    public function takeBack(array $before, array $live): void
    {
        $this->given->withdraw($before, $live);
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
        $this->given->withdraw([$gone], $others);
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
