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

        return $plain === '' || trim($plain, '.') === '' ? 'unnamed' : mb_substr($plain, 0, self::LONGEST);
    }
}
