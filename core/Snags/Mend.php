<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\ColumnRule;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutKind;

/** A change of the layout after which a snag is gone. */
final readonly class Mend
{
    /**
     * @param  string  $label  on a button: "Use 5 columns"
     * @param  array<string, mixed>  $part  of the design's layout
     */
    public function __construct(public string $label, public array $part)
    {
    }

    public static function balanced(): self
    {
        return new self('Balance the rows', ['last_row' => LastRow::Balance->value]);
    }

    public static function filledRow(): self
    {
        return new self('Fill the last row', ['last_row' => LastRow::Fill->value]);
    }

    public static function tiledRows(): self
    {
        return new self('Use tiled rows, balanced', ['kind' => LayoutKind::Rows->value, 'last_row' => LastRow::Balance->value]);
    }

    public static function masonry(): self
    {
        return new self('Use masonry', ['kind' => LayoutKind::Masonry->value]);
    }

    public static function oneARow(): self
    {
        return new self('One picture a row', ['kind' => LayoutKind::Single->value]);
    }

    /**
     * @param  array<string, mixed>  $besides  of the design's layout
     */
    public static function shape(string $shape, array $besides = []): self
    {
        return new self($shape === '1:1' ? 'Make the tiles square' : "Make the tiles {$shape}", ['shape' => $shape, ...$besides]);
    }

    public static function columns(int $columns): self
    {
        return new self("Use {$columns} columns", ['column_rule' => ColumnRule::Count->value, 'columns' => $columns]);
    }
}
