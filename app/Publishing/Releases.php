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
     * Of a locked gallery nothing. Needs the items with their pictures loaded.
     *
     * @throws ImagingException when a file that may be downloaded cannot be written
     */
    public function release(Gallery $gallery): void
    {
        if ($gallery->isLocked()) {
            return;
        }
        $this->given->release($gallery);
        $ground = $gallery->groundPicture();
        if ($ground !== null) {
            $this->releaseFiles($ground);
        }
        foreach ($gallery->items as $item) {
            $face = $item->picture?->face();
            if ($item->isKeptBack() || $item->picture === null || $face === null) {
                continue;
            }
            $this->releaseFiles($face);
            if ($item->picture->kind === PictureKind::Video) {
                $this->given->releaseVideo($item->picture);
                if ($item->picture->track !== '') {
                    $this->files->releaseText($item->picture->track, $item->picture->rendition_key, Picture::TRACK);
                }
            }
        }
    }

    /**
     * @param  bool  $isOpen  anybody may have them
     *
     * @throws ImagingException when a file that words are to be written into cannot be written
     */
    public function worded(FrozenGallery $gallery, bool $isOpen): void
    {
        $isOpen ? $this->given->releaseWorded($gallery) : $this->given->worded($gallery);
    }

    /**
     * @param  array<string, ShownPicture>  $pictures  that stand by themselves on pages, by id
     */
    public function releaseSingles(array $pictures): void
    {
        foreach ($pictures === [] ? [] : Picture::query()->whereIn('id', array_keys($pictures))->with('poster')->get() as $picture) {
            $face = $picture->face();
            if ($face !== null) {
                $this->releaseFiles($face);
            }
        }
    }

    /**
     * Takes out of reach what is shown nowhere any more, and originals that are not offered any more.
     *
     * @param  Published  $before  what was live
     * @param  Published  $now  what is
     */
    public function takeBack(Published $before, Published $now): void
    {
        $this->given->withdraw($before->galleries, $now->galleries);
        foreach (array_diff($before->folders, $now->folders) as $address) {
            $this->files->withdraw(basename($address));
        }
    }

    private function releaseFiles(Picture $picture): void
    {
        foreach (array_keys($picture->renditions) as $file) {
            $this->files->release('renditions', $picture->renditionFolder().'/'.$file, $picture->rendition_key, $file);
        }
    }
}
