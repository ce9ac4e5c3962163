<?php

declare(strict_types=1);

namespace Bench;

use ZincPane\Core\Design\LastRow;

/**
 * What breaks of tiled rows cost, reckoned apart from the core: a row of height h costs h / H + H / h - 2, H being the
 * wished height; a last row that would have to be higher costs a quarter of that where it is filled, and else the
 * square of the share of the width that it leaves empty.
 */
final readonly class RowCosts
{
    public function __construct(private float $height, private float $gap, private LastRow $lastRow)
    {
    }

    /**
     * @param  list<float>  $ratios
     * @param  list<int>  $starts  the first tile of each row
     * @param  float  $width  px
     */
    public function of(array $ratios, array $starts, float $width): float
    {
        $cost = 0.0;
        foreach ($starts as $row => $start) {
            $tiles = array_slice($ratios, $start, ($starts[$row + 1] ?? count($ratios)) - $start);
            // Where the gaps alone are wider than the gallery, a row is as good as flat.
            $high = max(0.0001 * $this->height, ($width - (count($tiles) - 1) * $this->gap) / array_sum($tiles));
            $uneven = $high / $this->height + $this->height / $high - 2;
            $isLooseEnd = ! isset($starts[$row + 1]) && $high > $this->height;
            $cost += match (true) {
                ! $isLooseEnd, $this->lastRow === LastRow::Balance => $uneven,
                $this->lastRow === LastRow::Fill => $uneven / 4,
                default => (($width - (count($tiles) - 1) * $this->gap - array_sum($tiles) * $this->height) / $width) ** 2,
            };
        }

        return $cost;
    }

    /**
     * The yardstick: row by row, each as near to the wished height as it can be.
     *
     * @param  list<float>  $ratios
     * @return list<int> the first tile of each row
     */
    public function rowByRow(array $ratios, float $width): array
    {
        $starts = [];
        $off = fn (int $from, int $to): float => ($left = $width - ($to - $from) * $this->gap) > 0
            ? abs(log($left / array_sum(array_slice($ratios, $from, $to - $from + 1)) / $this->height)) : INF;
        $start = 0;
        while ($start < count($ratios)) {
            $starts[] = $start;
            $last = $start;
            while ($last + 1 < count($ratios) && $off($start, $last + 1) <= $off($start, $last)) {
                $last++;
            }
            $start = $last + 1;
        }

        return $starts;
    }
}
