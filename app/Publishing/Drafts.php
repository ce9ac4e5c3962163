<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\ItemRow;
use App\Models\ItemRows;
use App\Models\Picture;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\CleanHtml;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Edition\ShownVideo;
use ZincPane\Core\Gallery\Words;

/** Galleries as they are saved, ready to be drawn or frozen. */
final class Drafts
{
    /** Letters of a gallery's identifier that it is called by in addresses. */
    private const GALLERY_KEY = 12;

    /** The saved state, or as another design would draw it. What is hidden, or has no file yet, is not drawn. */
    public static function of(Gallery $gallery, ?GalleryDesign $design = null, ?ItemRows $rows = null): FrozenGallery
    {
        $items = $albums = $large = $keys = $clicks = [];
        foreach (($rows ?? ItemRows::of($gallery->id))->all as $row) {
            $shown = $row->isHidden() ? null : self::shown($row);
            if ($shown !== null) {
                $items[] = $shown;
                $albums[] = $row->album();
                $large[] = $row->isLarge();
                $keys[] = FrozenGallery::keyOf($row->id());
                $clicks[] = $row->click();
            }
        }

        $design ??= $gallery->design;

        return new FrozenGallery($gallery->about(), $design, $gallery->albumsInUse(), $items, $albums, $large, self::ground($gallery->groundPicture($design)), $keys, $clicks, self::keyOf($gallery->id));
    }

    /**
     * @return callable(string): FrozenGallery by a gallery's id; each is read once
     */
    public static function byId(): callable
    {
        $drafts = [];

        return static function (string $id) use (&$drafts): FrozenGallery {
            return $drafts[$id] ??= self::of(Gallery::query()->findOrFail($id));
        };
    }

    /** What a gallery is called by in addresses. */
    public static function keyOf(string $id): string
    {
        return strtolower(substr($id, -self::GALLERY_KEY));
    }

    private static function ground(?Picture $picture): ?ShownPicture
    {
        return $picture === null || $picture->madeRenditions() === [] ? null : new ShownPicture($picture->size(), $picture->focal(), new Words, $picture->address(), array_values($picture->madeRenditions()));
    }

    /** Null while there is no file to draw. */
    private static function shown(ItemRow $row): ?Shown
    {
        $html = $row->html();
        if ($html !== null) {
            return new ShownText(CleanHtml::cleanedBefore($html), $row->words());
        }
        $made = $row->hasFace() ? $row->renditions() : [];
        $video = $row->video();

        return $made === [] ? null : new ShownPicture(
            $row->size(), $row->focal(), $row->words(), $row->address(), $made, $video === null ? null : new ShownVideo(...$video), $row->colour(), $row->hasAlpha(), $row->moves(), $row->facts(), $row->ending(),
        );
    }
}
