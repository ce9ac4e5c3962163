<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

/**
 * Cells that a spreadsheet would take for a formula get an apostrophe before them on the way out,
 * and lose it on the way in. (https://owasp.org/www-community/attacks/CSV_Injection)
 */
final class CsvCell
{
    private const FORMULA = '/^\'*[=+\-@\t\r\n]/';

    public static function out(string $text): string
    {
        return preg_match(self::FORMULA, $text) === 1 ? "'".$text : $text;
    }

    public static function in(string $cell): string
    {
        return $cell !== '' && $cell[0] === "'" && preg_match(self::FORMULA, $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
