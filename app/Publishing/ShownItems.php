<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Picture;
use App\Models\PictureKind;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Markup\CleanHtml;
use ZincPane\Core\Markup\ShownPicture;
use ZincPane\Core\Markup\ShownText;
use ZincPane\Core\Markup\ShownVideo;

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

        return new ShownPicture($face->size(), $face->focal(), $words, $face->address(), array_values($made), $video, $face->ownColour());
    }

    public static function text(string $cleaned, Words $words): ShownText
    {
        return new ShownText(CleanHtml::cleanedBefore($cleaned), $words);
    }
}
