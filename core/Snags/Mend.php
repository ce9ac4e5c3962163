<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\Redesign;
use ZincPane\Core\Design\ColumnRule;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutKind;

/** What would make a snag go away: a change of the gallery, or an entry of a page in the menu. */
final readonly class Mend
{
    /**
     * @param  string  $label  on a button: "Use 5 columns"
     * @param  array<string, mixed>  $part  of the design's layout, where it is but that
     * @param  ?array{id: string, title: string}  $page  that is given an entry in the menu, where it is that
     * @param  ?int  $heals  how many of what was seen it is for; null for all
     */
    private function __construct(public string $label, public ?Change $change, public array $part = [], public ?array $page = null, public ?int $heals = null)
    {
    }

    /**
     * @param  ?int  $heals  how many of what was seen it is for; null for all
     */
    public static function by(string $label, Change $change, ?int $heals = null): self
    {
        return new self($label, $change, heals: $heals);
    }

    /**
     * @param  array<string, mixed>  $part  of the design
     */
    public static function design(string $label, array $part): self
    {
        return new self($label, Redesign::parse(['design' => $part]));
    }

    /**
     * @param  array<string, mixed>  $part  of the design's layout
     */
    public static function layout(string $label, array $part): self
    {
        return new self($label, Redesign::parse(['design' => ['layout' => $part]]), $part);
    }

    public static function inMenu(string $page, string $title): self
    {
        return new self("Put “{$title}” into the menu", null, [], ['id' => $page, 'title' => $title]);
    }

    public static function balanced(): self
    {
        return self::layout('Balance the rows', ['last_row' => LastRow::Balance->value]);
    }

    public static function filledRow(): self
    {
        return self::layout('Fill the last row', ['last_row' => LastRow::Fill->value]);
    }

    public static function tiledRows(): self
    {
        return self::layout('Use tiled rows, balanced', ['kind' => LayoutKind::Rows->value, 'last_row' => LastRow::Balance->value]);
    }

    public static function masonry(): self
    {
        return self::layout('Use masonry', ['kind' => LayoutKind::Masonry->value]);
    }

    public static function oneARow(): self
    {
        return self::layout('One picture a row', ['kind' => LayoutKind::Single->value]);
    }

    /**
     * @param  array<string, mixed>  $besides  of the design's layout
     */
    public static function shape(string $shape, array $besides = []): self
    {
        return self::layout($shape === '1:1' ? 'Make the tiles square' : "Make the tiles {$shape}", ['shape' => $shape, ...$besides]);
    }

    public static function columns(int $columns): self
    {
        return self::layout("Use {$columns} columns", ['column_rule' => ColumnRule::Count->value, 'columns' => $columns]);
    }
}
