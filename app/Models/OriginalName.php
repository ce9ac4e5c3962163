<?php

declare(strict_types=1);

namespace App\Models;

/** What the original of a picture is called where it is published. */
final class OriginalName
{
    private const ENDINGS = ['image/jpeg' => 'jpg', 'image/png' => 'png', 'image/webp' => 'webp', 'image/gif' => 'gif', 'image/avif' => 'avif', 'image/heic' => 'heic'];

    /** "jpg"; empty where no original of the type is published. */
    public static function endingOf(string $mediaType): string
    {
        return self::ENDINGS[$mediaType] ?? '';
    }

    /** Where an original lies on its disk, by its hash. */
    public static function pathOf(string $hash): string
    {
        return substr($hash, 0, 2).'/'.$hash;
    }
}
