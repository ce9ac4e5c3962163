<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

use ZincPane\Core\Colour\LookAlikes;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Ordering\Internal\NearestApart;

/**
 * No two pictures that look alike stand side by side, wherever the others can part them, in the order nearest to the given
 * one: the one in which pictures are moved by the fewest places together.
 */
final readonly class LookAlikesApart implements Order
{
    /** Bits of difference up to which two pictures look alike; near-duplicates and a bit more. */
    public const ALIKE = 14;

    public function arrange(array $items): array
    {
        $alike = (new LookAlikes(array_map(static fn (Orderable $item): ?PerceptualHash => $item->look, $items)))->pairs(self::ALIKE);

        return $alike === [] ? array_keys($items) : (new NearestApart($alike))->from(count($items));
    }

    public function summary(): string
    {
        return 'kept look-alikes apart';
    }
}
