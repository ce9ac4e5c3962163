<?php

declare(strict_types=1);

namespace App\Pages;

use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\PartKind;
use ZincPane\Core\Site\Parts;

/** Reads blocks of trusted HTML as parts of a page; what is no plain part is kept as it is. */
final class PartsOfHtml
{
    /**
     * @param  list<string>  $blocks  an element each
     */
    public static function of(array $blocks): Parts
    {
        return Parts::of(array_map(static fn (string $block, int $number): Part => self::part($block, 'p'.($number + 1)), $blocks, array_keys($blocks)));
    }

    private static function part(string $block, string $id): Part
    {
        if (preg_match('~^\s*<(h[1-3]|p|ul|ol)( class="lead")?>(.*)</\1>\s*$~s', $block, $found) !== 1 || str_contains($found[3], "</{$found[1]}>")) {
            return new Part($id, PartKind::Kept, $block);
        }
        [, $name, $lead, $html] = $found;

        return match (true) {
            $name === 'p' => new Part($id, $lead === '' ? PartKind::Paragraph : PartKind::Lead, $html),
            $lead !== '' => new Part($id, PartKind::Kept, $block),
            $name === 'ul', $name === 'ol' => new Part($id, PartKind::List, $html, ordered: $name === 'ol'),
            default => new Part($id, PartKind::Heading, $html, (int) $name[1]),
        };
    }
}
