<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

/** The first taken first; those that do not tell when come last. */
final readonly class ByCaptureTime implements Order
{
    public function arrange(array $items): array
    {
        $times = array_map(static fn (Orderable $item): float => $item->takenAt ?? INF, $items);
        asort($times);

        return array_keys($times);
    }

    public function summary(): string
    {
        return 'ordered the pictures by capture time';
    }
}
