<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

/** Reads a title out of a file name, when the name is words and not a camera's numbering. */
final class TitleFromName
{
    /** What cameras, scanners and programs call files; says nothing of the picture, wherever it stands. */
    private const NOISE = [
        'img', 'image', 'images', 'dsc', 'dscn', 'dscf', 'dcim', 'pict', 'pic', 'picture', 'photo', 'foto', 'bild', 'scan', 'screenshot',
        'screen', 'shot', 'untitled', 'unnamed', 'noname', 'mvi', 'mov', 'vid', 'video', 'pano', 'burst', 'hdr', 'raw', 'jpeg', 'jpg', 'png', 'file', 'download',
        'clipboard', 'capture', 'snapshot', 'unbenannt', 'kopie', 'copie', 'copia', 'kopia', 'imagen', 'immagine', 'afbeelding',
    ];

    /** Says something beside other words, and nothing by itself. */
    private const WEAK = [
        'copy', 'final', 'edit', 'edited', 'export', 'web', 'small', 'large', 'thumb', 'new', 'whole', 'full', 'size', 'version', 'big', 'medium', 'original', 'old', 'crop', 'cropped',
        'resized', 'scaled', 'rotated', 'print', 'draft', 'pro', 'the', 'and', 'for', 'with',
    ];

    /** What programs put behind a name: a copy, an edition, a size. */
    private const TAILS = '/(?:(?:\s+|(?=@))(?:copy|kopie|copie|copia|edit|edited|final|scaled|resized|cropped|web|export|v\d{1,2}|\d{2,5}\s?x\s?\d{2,5}|@?\dx))+$/iu';

    /** A day, and perhaps a time of it. */
    private const DAY = '(?<!\d)(?:19|20)\d\d[ .]?(?:0[1-9]|1[0-2])[ .]?(?:0[1-9]|[12]\d|3[01])(?:[ T]*(?:at )?(?:[01]\d|2[0-3])[ .:h]?[0-5]\d(?:[ .:m]?[0-5]\d)?)?(?!\d)';

    /** Scripts in which a sign or two are a word. */
    private const DENSE = '\p{Han}\p{Hiragana}\p{Katakana}\p{Hangul}\p{Thai}';

    /** Null when the name is none that one would read out. */
    public static function titleOf(string $fileName): ?string
    {
        $name = self::spaced($fileName);
        // Capitals and a number of three or more digits are what a camera, a scanner or a phone counts by.
        if (preg_match('/^\p{Lu}[\p{Lu}\d]{0,7}[ ]?\d{3,}(?: \d+)*$/u', $name) === 1) {
            return null;
        }
        $plain = self::words($name);
        preg_match_all('/[\p{L}\p{M}]+(?:[’\'][\p{L}\p{M}]+)*/u', $plain, $found);
        preg_match_all('/(?<![\p{L}\p{M}\d])[\p{L}\p{M}]+(?![\p{L}\p{M}\d])/u', $plain, $whole);
        $isShouted = mb_strtoupper($plain) === $plain;
        $speaking = array_filter($found[0], static fn (string $letters): bool => self::isWord($letters, $isShouted && count($found[0]) > 1));
        $weak = array_filter($found[0], static fn (string $letters): bool => in_array(mb_strtolower($letters), self::WEAK, true));
        $letters = mb_strlen(implode('', $speaking));
        // Half of what is there must be words: "a7f3kite09bb2" is none.
        $others = mb_strlen(implode('', array_filter($whole[0], static fn (string $letters): bool => mb_strlen($letters) < 3)));
        if (array_diff($speaking, $weak) === [] || 2 * ($letters + $others) < mb_strlen((string) preg_replace('/\s+/u', '', $plain))) {
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

    /** With blanks between its words. */
    private static function spaced(string $fileName): string
    {
        $plain = (string) preg_replace('/\.[a-z0-9]{2,5}$/i', '', trim($fileName));
        $unescaped = rawurldecode($plain);
        $plain = str_contains($plain, '%') && mb_check_encoding($unescaped, 'UTF-8') ? $unescaped : $plain;
        $plain = (string) preg_replace('/[_\-+~\s]+|(?<!\d)\.|\.(?!\d)|\(\d+\)/u', ' ', $plain);
        // Words written together; not "iPhone" and its kind, nor names like "McDonald".
        $plain = (string) preg_replace('/(?<=\p{Ll})(?<!\b\p{Ll})(?<!Mc)(?<!Mac)(?=\p{Lu})/u', ' ', $plain);

        return trim((string) preg_replace('/\s+/u', ' ', $plain));
    }

    /** Without days, numberings, and what programs put behind a name. */
    private static function words(string $spaced): string
    {
        $plain = (string) preg_replace('/(?:^\p{Lu}{2,5} ?)?\b(?:'.self::DAY.')\b/u', ' ', $spaced);
        $plain = trim((string) preg_replace('/\s+/u', ' ', $plain));
        $noise = implode('|', self::NOISE);
        // "IMG 2207 low tide": the numbering goes, the words stay; and so does what programs put behind them.
        $words = (string) preg_replace(["/^(?:(?:{$noise}|\\p{Lu}{2,5}) ?\\d{2,}(?: \\d+)* )(?=.*\\p{L}{3})/iu", '/^0\d+ (?=\p{L})/u', self::TAILS, '/(?<=\p{L}) 0\d+$/u'], '', $plain);

        return trim($words) === '' ? $plain : trim($words);
    }

    /**
     * @param  bool  $isShouted  whether all of the name is capitals, so that they tell nothing
     */
    private static function isWord(string $letters, bool $isShouted): bool
    {
        if (in_array(mb_strtolower($letters), self::NOISE, true)) {
            return false;
        }
        if (preg_match('/['.self::DENSE.']/u', $letters) === 1) {
            return true;
        }

        return mb_strlen($letters) >= 3 && preg_match('/[aeiouyàáâãäåæèéêëìíîïòóôõöøùúûüýœ]|[^\x00-\x{24F}]/iu', $letters) === 1
            // Initials: "TV", "BBQ".
            || preg_match('/^\p{Lu}{2,4}$/u', $letters) === 1 && ! $isShouted;
    }

    /** Shouting becomes speaking, but for what can only be initials; the first letter is a capital. */
    private static function sentence(string $words): string
    {
        if (mb_strtoupper($words) === $words && preg_match('/\p{Lu}{5}|\p{Lu} \p{Lu}/u', $words) === 1) {
            $words = (string) preg_replace_callback(
                '/[\p{L}\p{M}]+/u',
                static fn (array $word): string => preg_match('/^[^AEIOUYÀ-Ý\W]{2,4}$/u', $word[0]) === 1 ? $word[0] : mb_strtolower($word[0]),
                $words,
            );
        }

        // "iPhone" begins small.
        return preg_match('/^\p{Ll}\p{Lu}/u', $words) === 1 ? $words : mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }
}
