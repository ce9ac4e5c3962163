<?php

declare(strict_types=1);

namespace App\Models;

use ZincPane\Core\Gallery\Item;

/** What was just written of a gallery: enough to answer with no more than that. */
final readonly class Step
{
    /**
     * @param  int  $from  the version before
     * @param  list<Item>  $before  the items before
     * @param  list<Item>  $after  the items now
     * @param  list<string>  $changed  items that are new or other than before
     */
    public function __construct(public int $from, public array $before, public array $after, public array $changed)
    {
    }

    /** Whether others are there, or they stand elsewhere. */
    public function isRearranged(): bool
    {
        return $this->before !== $this->after && self::ids($this->before) !== $this->order();
    }

    /**
     * @return list<string> all items, in order
     */
    public function order(): array
    {
        return self::ids($this->after);
    }

    /**
     * @param  list<Item>  $items
     * @return list<string>
     */
    private static function ids(array $items): array
    {
        return array_map(static fn (Item $item): string => $item->id, $items);
    }
}
