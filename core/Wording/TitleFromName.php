<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

/** Reads a title out of a file name, when the name is words and not a camera's numbering. */
final class TitleFromName
{
    /** What cameras, scanners and programs call files; says nothing of the picture. */
    private const NOISE = [
        'img', 'image', 'images', 'dsc', 'dscn', 'dscf', 'dcim', 'pict', 'pic', 'picture', 'photo', 'foto', 'bild', 'scan', 'screenshot',
        'screen', 'shot', 'untitled', 'unnamed', 'noname', 'copy', 'final', 'edit', 'edited', 'export', 'web', 'small', 'large', 'thumb',
        'new', 'mvi', 'mov', 'pano', 'burst', 'hdr', 'raw', 'jpeg', 'jpg', 'png', 'file', 'download', 'clipboard', 'capture', 'whole', 'full', 'size', 'version',
    ];

    /** Null when the name is none that one would read out. */
    public static function titleOf(string $fileName): ?string
    {
        $plain = self::words($fileName);
        preg_match_all('/\p{L}+/u', $plain, $found);
        $speaking = array_filter($found[0], self::isWord(...));
        $letters = mb_strlen(implode('', $speaking));
        // Half of what is there must be words: "a7f3kite09bb2" is none.
        if ($speaking === [] || 2 * $letters < mb_strlen((string) preg_replace('/\s+/u', '', $plain))) {
            return null;
        }

        return self::sentence($plain);
    }

    /** Whether a text looks like the name of a file, such as "DSC_0418.jpg" or "IMG 0418". */
    public static function isFileName(string $text): bool
    {
        $text = trim($text);

        return preg_match('/\.(jpe?g|png|gif|webp|avif|hei[cf]|tiff?|mp4|webm|mov)$/i', $text) === 1
            || ($text !== '' && preg_match('/\d/', $text) === 1 && preg_match('/^\S+( \S+)?$/u', $text) === 1 && self::titleOf($text) === null);
    }

    private static function words(string $fileName): string
    {
        $plain = (string) preg_replace('/\.[a-z0-9]{2,5}$/i', '', trim($fileName));
        $plain = (string) preg_replace('/(?<=\p{Ll})(?=\p{Lu})/u', ' ', $plain);
        $plain = (string) preg_replace('/[_\-+.~]+|\(\d+\)|%20/u', ' ', $plain);

        return trim((string) preg_replace('/\s+/u', ' ', $plain));
    }

    private static function isWord(string $letters): bool
    {
        return mb_strlen($letters) >= 3
            && preg_match('/[aeiouyàáâãäåæèéêëìíîïòóôõöøùúûüýœ]|[^\x00-\x{24F}]/iu', $letters) === 1
            && ! in_array(mb_strtolower($letters), self::NOISE, true);
    }

    /** Shouting becomes speaking; the first letter is a capital. */
    private static function sentence(string $words): string
    {
        if (mb_strtoupper($words) === $words) {
            $words = mb_strtolower($words);
        }

        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }
}
