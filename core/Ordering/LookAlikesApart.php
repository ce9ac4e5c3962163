<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

use ZincPane\Core\Colour\LookAlikes;
use ZincPane\Core\Colour\PerceptualHash;

/**
 * Pictures that look alike come as far from each other as the others allow; all else stays.
 *
 * Goes through the order and takes each time the first picture that looks like none of the last
 * few; how few is tried from many to one.
 */
final readonly class LookAlikesApart implements Order
{
    /** Bits of difference up to which two pictures look alike; near-duplicates and a bit more. */
    public const ALIKE = 14;

    /** Pictures that should lie between two that look alike, at most. */
    private const FARTHEST = 6;

    public function arrange(array $items): array
    {
        $alike = (new LookAlikes(array_map(static fn (Orderable $item): ?PerceptualHash => $item->look, $items)))->pairs(self::ALIKE);
        if ($alike === []) {
            return array_keys($items);
        }
        for ($apart = min(self::FARTHEST, count($items) - 1); $apart > 0; $apart--) {
            $order = self::spread(array_keys($items), $alike, $apart);
            if ($order !== null) {
                return $order;
            }
        }

        return array_keys($items);
    }

    public function summary(): string
    {
        return 'kept look-alikes apart';
    }

    /**
     * @param  list<int>  $waiting
     * @param  array<int, array<int, int>>  $alike
     * @return ?list<int> null when it cannot be done at this distance
     */
    private static function spread(array $waiting, array $alike, int $apart): ?array
    {
        $order = [];
        while ($waiting !== []) {
            $last = array_slice($order, -$apart);
            foreach ($waiting as $k => $i) {
                if (! isset($alike[$i]) || array_filter($last, static fn (int $j): bool => isset($alike[$i][$j])) === []) {
                    $order[] = $i;
                    unset($waiting[$k]);

                    continue 2;
                }
            }

            return null;
        }

        return $order;
    }
}
