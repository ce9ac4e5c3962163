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
        $loose = $this->isLoose();
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
        for ($end = 1; $end <= $count; $end++) {
            $least = INF;
            $start = 0;
            $until = $before[$end];
            if ($end === $count) {
                $near = $count - 1;
            } else {
                while ($near + 1 < $end && $until - $before[$near + 1] >= $little) {
                    $near++;
                }
            }
            for ($i = $near; $i >= 0; $i--) {
                $sum = $until - $before[$i];
                $gaps = ($end - $i - 1) * $gap;
                $left = $width - $gaps;
                $off = $left > 0 ? $left / ($sum * $wished) : self::NO_HEIGHT;
                $cost = $best[$i] + ($end === $count ? $this->lastCost($off, $sum, $left, $width) : $off + 1 / $off - 2);
                if ($bandFrom - $gaps < $lowest * $sum && $i < $end - 1) {
                    $cost += self::BEYOND;
                }
                if ($highest * $sum + $gaps < $bandUntil && ! ($loose && $end === $count)) {
                    $cost += self::BEYOND;
                }
                if ($cost < $least) {
                    $least = $cost;
                    $start = $i;
                }
                if ($sum > $most || $left < 0) {
                    break;
                }
            }
            $best[$end] = $least;
            $from[$end] = $start;
        }

        return self::traced($from, $count);
    }

    /** Whether a last row need not fill the width. */
    private function isLoose(): bool
    {
        return $this->lastRow === LastRow::Start || $this->lastRow === LastRow::Centre;
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
