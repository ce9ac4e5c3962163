<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Picture;
use App\Models\PictureKind;
use ZincPane\Core\Edition\CleanHtml;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Edition\ShownVideo;
use ZincPane\Core\Gallery\Words;

/** Turns what is stored into what the core draws. */
final class ShownItems
{
    /** Null while there is no file to draw. */
    public static function picture(Picture $picture, Words $words): ?ShownPicture
    {
        $face = $picture->face();
        $made = $face?->madeRenditions() ?? [];
        if ($face === null || $made === []) {
            return null;
        }
        $video = $picture->kind === PictureKind::Video ? new ShownVideo($picture->address().'/'.$picture->videoFile(), $picture->media_type) : null;

        return new ShownPicture($face->size(), $face->focal(), $words, $face->address(), array_values($made), $video, $face->has_alpha ? null : $face->ownColour(), $face->has_alpha, $face->is_moving && $face->recipe === []);
    }

    public static function text(string $cleaned, Words $words): ShownText
    {
        return new ShownText(CleanHtml::cleanedBefore($cleaned), $words);
    }
}
