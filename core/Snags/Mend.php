<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\ColumnRule;

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

    public static function columns(int $columns): self
    {
        return new self("Use {$columns} columns", ['column_rule' => ColumnRule::Count->value, 'columns' => $columns]);
    }
}
