<?php

declare(strict_types=1);

namespace App\Pages;

use App\Intake\CleanHtml;
use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\PartKind;

/** Lets through of a part's words what a page may hold: strong, emphasis, links, line breaks, and the entries of a list. */
final class CleanPart
{
    public static function html(PartKind $kind, string $html): string
    {
        return match ($kind) {
            PartKind::Kept, PartKind::Picture => '',
            PartKind::List => self::cleaned($html, ['li']),
            PartKind::Heading => self::cleaned($html, []),
            PartKind::Lead, PartKind::Paragraph => self::cleaned($html, ['br']),
        };
    }

    /**
     * @param  list<string>  $allowed  elements besides
     */
    private static function cleaned(string $html, array $allowed): string
    {
        return CleanHtml::of($html, $allowed, 2 * Part::LONGEST);
    }
}
