<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * How low and how high rows should be over a band of widths: not lower than the least height where the
 * band begins, and not higher than the most where it ends, since rows only grow with the width.
 *
 * A row of a single picture may be as low as it is: nothing could make a panorama higher.
 */
final readonly class RowLimits
{
    /**
     * @param  float  $from  px of width where the band begins
     * @param  float  $until  px of width where it ends
     * @param  float  $least  px of height
     * @param  float  $most  px of height
     */
    public function __construct(
        public float $from,
        public float $until,
        public float $least,
        public float $most,
    ) {
    }

    /** Of breaks at a single width, where rows may be as they come. */
    public static function none(): self
    {
        return new self(INF, 0.0, 0.0, INF);
    }
}
