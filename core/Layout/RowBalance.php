<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/** Brings the last of several tiled rows to about the height of the others. */
final readonly class RowBalance
{
    /** How many times as high as the others' mean it is at most, and at least. */
    public const HIGHEST = 1.4;

    public const LOWEST = 0.7;

    /** Gaps count more at one end of a band than in its middle. */
    private const ROOM = 1.02;

    /** Pictures from the end of which all breaks are tried. */
    private const TRIED = 8;

    /** What counts more than all else: being out of balance. */
    private const OFF = 100.0;

    /**
     * @param  list<float>  $ratios
     * @param  float  $between  px from one picture to the next
     * @param  float  $width  px
     */
    public function __construct(private array $ratios, private float $between, private float $width)
    {
    }

    /**
     * @param  list<int>  $starts  the first tile of each row
     * @return float 0 where it is in balance; else by how much it is not, as a logarithm
     */
    public function off(array $starts): float
    {
        $heights = $this->heights($starts, count($this->ratios));
        $last = array_pop($heights);

        return $last === null || $heights === [] ? 0.0 : self::offOf($last, array_sum($heights) / count($heights));
    }

    /**
     * The same with the last few pictures broken as well as can be.
     *
     * @param  list<int>  $starts
     * @param  float  $aim  px of height that rows should have
     * @return list<int>
     */
    public function evened(array $starts, float $aim): array
    {
        $count = count($this->ratios);
        $kept = count($starts);
        while ($kept > 1 && $count - ($starts[$kept - 1] ?? 0) < self::TRIED) {
            $kept--;
        }
        $first = max($starts[$kept - 1] ?? 0, $count - self::TRIED);
        $head = array_slice($starts, 0, $kept);
        $above = $this->heights(array_slice($head, 0, -1), $head[$kept - 1] ?? 0);
        $best = $starts;
        $least = INF;
        for ($mask = 0; $mask < 2 ** max(0, $count - $first - 1); $mask++) {
            $tail = [];
            for ($i = $first + 1; $i < $count; $i++) {
                if (($mask >> ($i - $first - 1) & 1) === 1) {
                    $tail[] = $i;
                }
            }
            $cost = $this->cost($above, $this->heights([...array_slice($head, -1), ...$tail], $count), $aim);
            if ($cost < $least) {
                $least = $cost;
                $best = [...$head, ...$tail];
            }
        }

        return $best;
    }

    /**
     * How high all of so many rows would be if all were alike.
     *
     * @param  int<1, max>  $rows
     * @return float px
     */
    public function heightOf(int $rows): float
    {
        return max(1.0, ($this->width - (count($this->ratios) / $rows - 1) * $this->between) * $rows / array_sum($this->ratios));
    }

    /**
     * @param  list<float>  $above  heights of the rows that stay
     * @param  list<float>  $below  of those that are tried
     */
    private function cost(array $above, array $below, float $aim): float
    {
        $cost = 0.0;
        foreach ($below as $height) {
            $cost += log($height / $aim) ** 2;
        }
        $last = array_pop($below);
        $others = count($above) + count($below);

        return $last === null || $others === 0 ? $cost : $cost + self::OFF * self::offOf($last, (array_sum($above) + array_sum($below)) / $others);
    }

    private static function offOf(float $last, float $usual): float
    {
        return max(0.0, log($last * self::ROOM / ($usual * self::HIGHEST)), log(self::LOWEST * $usual * self::ROOM / $last));
    }

    /**
     * @param  list<int>  $starts
     * @param  int  $until  the tile after the last of them
     * @return list<float> px
     */
    private function heights(array $starts, int $until): array
    {
        $heights = [];
        foreach ($starts as $row => $start) {
            $end = $starts[$row + 1] ?? $until;
            $sum = 0.0;
            for ($i = $start; $i < $end; $i++) {
                $sum += $this->ratios[$i];
            }
            $heights[] = max(1e-6, $this->width - ($end - $start - 1) * $this->between) / max(1e-6, $sum);
        }

        return $heights;
    }
}
