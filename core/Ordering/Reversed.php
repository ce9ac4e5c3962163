<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

/** The last first. */
final readonly class Reversed implements Order
{
    public function arrange(array $items): array
    {
        return array_reverse(array_keys($items));
    }

    public function summary(): string
    {
        return 'reversed the order';
    }
}
