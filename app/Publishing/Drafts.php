<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\GalleryItem;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;

/** Galleries as they are saved, ready to be drawn or frozen. */
final class Drafts
{
    /** The saved state, or as another design would draw it; needs items with their pictures. What is hidden, or has no file yet, is not drawn. */
    public static function of(Gallery $gallery, ?GalleryDesign $design = null): FrozenGallery
    {
        $items = $albums = $large = [];
        foreach ($gallery->items as $row) {
            $shown = $row->is_hidden ? null : self::shown($row);
            if ($shown !== null) {
                $items[] = $shown;
                $albums[] = $row->album;
                $large[] = $row->is_large;
            }
        }

        return new FrozenGallery($gallery->about(), $design ?? $gallery->design, $gallery->albumsInUse(), $items, $albums, $large);
    }

    private static function shown(GalleryItem $row): ?Shown
    {
        return $row->picture === null
            ? ShownItems::text($row->text ?? '', $row->words())
            : ShownItems::picture($row->picture, $row->words());
    }
}
