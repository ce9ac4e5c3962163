<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\LastRow;

/**
 * Where tiled rows break, at one width: the breaks of least cost of the whole gallery, by dynamic
 * programming over the first tile of each row.
 *
 * The height of a row of k pictures with the ratios r in a gallery of width W and gap g is
 * h = (W - (k - 1)·g) / Σr. A row costs h / H + H / h - 2, H being the height aimed at: nothing where it
 * is met, and half as high is as bad as twice as high. A last row that need not fill the width costs,
 * where it would have to be higher than H to fill it, the square of the share of the width it leaves
 * empty; filled, a quarter of what another row would cost; balanced, the same as another row. A row
 * beyond the limits costs a good deal besides.
 */
final readonly class RowBreaks
{
    /** Share of the height aimed at that no row has, where the gaps alone are wider than the gallery. */
    private const NO_HEIGHT = 0.0001;

    private const FILLED = 0.25;

    /** What a row beyond the limits costs besides. */
    private const BEYOND = 0.25;

    /**
     * @param  float  $height  aimed at, px
     * @param  float  $gap  px
     */
    public function __construct(private float $height, private float $gap, private LastRow $lastRow)
    {
    }

    /**
     * @param  list<float>  $ratios
     * @param  float  $width  px
     * @return list<int> the first tile of each row
     */
    public function best(array $ratios, float $width, ?RowLimits $limits = null): array
    {
        $limits ??= RowLimits::none();
        $count = count($ratios);
        [$bandFrom, $bandUntil, $lowest, $highest] = [$limits->from, $limits->until, $limits->least, $limits->most];
        $best = [0.0];
        $from = [0];
        $wished = $this->height;
        $gap = $this->gap;
        // Longer rows than these are in no best breaks: taken apart they would cost less. One that
        // holds 1.75 times what a row of the wished height does, and can be taken apart no more
        // unevenly than one to two; and any that holds twice that besides its widest picture.
        $widest = $ratios === [] ? 0.0 : max($ratios);
        $most = min(2 * $width / $wished + $widest, max(1.75 * $width / $wished, 3 * $widest));
        // And one that holds less than half of it costs more than its pictures would in the row above.
        $little = $bandUntil === 0.0 ? 0.0 : 0.45 * $width / $wished;
        $before = [0.0];
        foreach ($ratios as $i => $ratio) {
            $before[] = $before[$i] + $ratio;
        }
        $near = 0;
        [$narrower, $wider] = [$width - $bandFrom, $bandUntil - $width];
        for ($end = 1; $end < $count; $end++) {
            $least = INF;
            $start = 0;
            $until = $before[$end];
            while ($near + 1 < $end && $until - $before[$near + 1] >= $little) {
                $near++;
            }
            $left = $width - ($end - $near - 1) * $gap;
            for ($i = $near; $i >= 0; $i--, $left -= $gap) {
                $sum = $until - $before[$i];
                $off = $left > 0 ? $left / ($sum * $wished) : self::NO_HEIGHT;
                $cost = $best[$i] + $off + 1 / $off - 2;
                if ($cost < $least) {
                    // Too low where the band begins, or too high where it ends.
                    $cost += $left - $narrower < $lowest * $sum && $i < $end - 1 ? self::BEYOND : 0.0;
                    $cost += $left + $wider > $highest * $sum ? self::BEYOND : 0.0;
                    if ($cost < $least) {
                        $least = $cost;
                        $start = $i;
                    }
                }
                if ($sum > $most || $left < 0) {
                    break;
                }
            }
            $best[$end] = $least;
            $from[$end] = $start;
        }
        if ($count > 0) {
            $from[$count] = $this->lastStart($best, $before, $width, $limits, $most);
        }

        return self::traced($from, $count);
    }

    /**
     * Where the last row begins.
     *
     * @param  array<int, float>  $best  what the rows above cost, by the first tile after them
     * @param  list<float>  $before  sum of the ratios before each tile, and of all
     * @param  float  $most  sum of ratios that no row need be longer than
     */
    private function lastStart(array $best, array $before, float $width, RowLimits $limits, float $most): int
    {
        $count = count($before) - 1;
        $least = INF;
        $start = 0;
        for ($i = $count - 1; $i >= 0; $i--) {
            $sum = $before[$count] - $before[$i];
            $gaps = ($count - $i - 1) * $this->gap;
            $left = $width - $gaps;
            $off = $left > 0 ? $left / ($sum * $this->height) : self::NO_HEIGHT;
            $cost = $best[$i] + $this->lastCost($off, $sum, $left, $width);
            $cost += $limits->from - $gaps < $limits->least * $sum && $i < $count - 1 ? self::BEYOND : 0.0;
            $cost += $limits->until - $gaps > $limits->most * $sum && ! $this->lastRow->leavesRoom() ? self::BEYOND : 0.0;
            if ($cost < $least) {
                $least = $cost;
                $start = $i;
            }
            if ($sum > $most || $left < 0) {
                break;
            }
        }

        return $start;
    }

    /**
     * @param  float  $off  height over the one aimed at, if it filled the width
     */
    private function lastCost(float $off, float $sum, float $left, float $width): float
    {
        if ($off <= 1.0 || $this->lastRow === LastRow::Balance) {
            return $off + 1 / $off - 2;
        }
        if ($this->lastRow === LastRow::Fill) {
            return self::FILLED * ($off + 1 / $off - 2);
        }
        $empty = ($left - $sum * $this->height) / $width;

        return $empty * $empty;
    }

    /**
     * @param  array<int, int>  $from
     * @return list<int>
     */
    private static function traced(array $from, int $count): array
    {
        $starts = [];
        for ($end = $count; $end > 0; $end = $from[$end]) {
            $starts[] = $from[$end];
        }

        return array_reverse($starts);
    }
}
