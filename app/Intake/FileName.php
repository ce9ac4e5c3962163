<?php

declare(strict_types=1);

namespace App\Intake;

/** The name of a file from outside: kept for people to read, never used as a path. */
final class FileName
{
    private const LONGEST = 180;

    /** Without folders, control characters and the like: "../../étude 🪁.jpg" is "étude 🪁.jpg". */
    public static function clean(string $name): string
    {
        $scrubbed = mb_scrub($name, 'UTF-8');
        $last = (string) preg_replace('~^.*[/\\\\]~su', '', $scrubbed);
        $plain = trim((string) preg_replace('/[^\P{C}\x{200C}\x{200D}]+/u', '', $last));

        return match (true) {
            $plain === '' || trim($plain, '.') === '' => 'unnamed',
            mb_strlen($plain) <= self::LONGEST => $plain,
            default => self::shortened($plain),
        };
    }

    /** The ending stays: it says what the file is. */
    private static function shortened(string $name): string
    {
        $ending = preg_match('/\.[A-Za-z0-9]{1,5}$/', $name, $found) === 1 ? $found[0] : '';

        return rtrim(mb_substr($name, 0, self::LONGEST - 1 - mb_strlen($ending))).'…'.$ending;
    }
}
