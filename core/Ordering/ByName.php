<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

use Collator;

/** As a person would: upper and lower case alike, "kite 9" before "kite 10". */
final readonly class ByName implements Order
{
    public function arrange(array $items): array
    {
        $collator = new Collator('root');
        $collator->setAttribute(Collator::NUMERIC_COLLATION, Collator::ON);
        $keys = array_map(static fn (Orderable $item): string => (string) $collator->getSortKey($item->name), $items);
        asort($keys, SORT_STRING);

        return array_keys($keys);
    }

    public function summary(): string
    {
        return 'ordered the pictures by name';
    }
}
