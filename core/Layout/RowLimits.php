<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * How low and how high rows may be over a band of widths: not lower than the least height where the
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

    /**
     * Of breaks where none keep to the wished heights: no row of several is lower than so many px.
     *
     * @param  float  $from  px of width where the band begins
     */
    public static function atLeast(float $from, float $least): self
    {
        return new self($from, 0.0, $least, INF);
    }

    public function until(float $until): self
    {
        return new self($this->from, $until, $this->least, $this->most);
    }

    /**
     * The width up to which some breaks keep to the limits; 0 where none do at the start.
     *
     * By dynamic programming: the first pictures reach as far as the better of their last rows,
     * or what comes before it, whichever is less.
     *
     * @param  list<float>  $ratios
     * @param  float  $gap  px
     */
    public function reach(array $ratios, float $gap): float
    {
        $count = count($ratios);
        $reach = [INF];
        for ($end = 1; $end <= $count; $end++) {
            $best = 0.0;
            $sum = 0.0;
            $gaps = 0.0;
            for ($i = $end - 1; $i >= 0; $i--) {
                $sum += $ratios[$i];
                $isTooLow = $this->from - $gaps < $this->least * $sum;
                if ($isTooLow && $i < $end - 1) {
                    break;
                }
                $own = $this->most * $sum + $gaps;
                $best = max($best, $own < $reach[$i] ? $own : $reach[$i]);
                if ($isTooLow) {
                    break;
                }
                $gaps += $gap;
            }
            $reach[$end] = $best;
        }

        return $reach[$count];
    }
}
