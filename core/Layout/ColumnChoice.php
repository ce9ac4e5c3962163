<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * In which column each tile of a masonry stands, so that the columns end as level as can be.
 *
 * The tiles go, in order, into the shortest column. Then the longest column and the shortest exchange some of their last
 * tiles, but none of the first row, so that one of the two comes to the mean of all; until all are level or no exchange
 * helps. The order stays readable at every width of a band: no tile starts above one that comes more than twice as many
 * places before it as there are columns. Starts are lines in the width, so what holds at both ends of a band holds in between.
 */
final readonly class ColumnChoice
{
    /** How many of the last tiles may be moved, for each column. */
    private const LAST = 8;

    /** Exchanges at most, for each column. */
    private const EXCHANGES = 3;

    /** Ends that differ by less are level; px. */
    private const LEVEL = 4.0;

    /** How often it begins anew from two tiles exchanged by chance, where nothing else brings the ends nearer. */
    private const SHAKEN = 5;

    /** A hair's difference is none; px. */
    private const HAIR = 1e-6;

    /**
     * @param  positive-int  $columns
     */
    public function __construct(private int $columns)
    {
    }

    /**
     * @param  list<float>  $heights  of the tiles with the gap below them, px
     * @param  list<list<float>>  $elsewhere  the same at other widths, at which the order must be readable too
     * @return list<int> the column of each, from 0
     */
    public function best(array $heights, array $elsewhere = []): array
    {
        $count = count($heights);
        $widths = $elsewhere === [] ? [$heights] : $elsewhere;
        [$chosen, $ends] = $elsewhere === [] ? $this->shortest($heights) : $this->readable($heights, $widths);
        // The first row stays as it is read: from start to end.
        $first = max($this->columns, $count - self::LAST * $this->columns);
        if ($this->columns === 1 || $first >= $count) {
            return $chosen;
        }

        $orders = array_map(fn (array $at): ReadingOrder => ReadingOrder::of($at, $chosen, $this->columns, $first), $widths);
        [$best, $ends] = $this->levelled($heights, $chosen, $ends, $orders, $first);
        $dice = 0;
        for ($n = 0; $n < self::SHAKEN && self::apart($ends) > self::LEVEL; $n++) {
            [$tried, $triedEnds] = $this->shaken($heights, $best, $ends, $first, $dice);
            [$tried, $triedEnds] = $this->levelled($heights, $tried, $triedEnds, $orders, $first);
            if (self::apart($triedEnds) < self::apart($ends) && self::holds($orders, $tried)) {
                [$best, $ends] = [$tried, $triedEnds];
            }
        }

        return $best;
    }

    /**
     * @param  list<ReadingOrder>  $orders
     * @param  list<int>  $chosen
     */
    private static function holds(array $orders, array $chosen): bool
    {
        foreach ($orders as $order) {
            if (! $order->holds($chosen)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Two tiles of two columns exchanged, by chance but always by the same.
     *
     * @param  list<float>  $heights
     * @param  list<int>  $chosen
     * @param  array<int, float>  $ends
     * @return array{list<int>, array<int, float>}
     */
    private function shaken(array $heights, array $chosen, array $ends, int $first, int &$dice): array
    {
        // A linear congruential generator; its high bits are random enough (Knuth, TAOCP 2, 3.2.1).
        $next = static function () use (&$dice): int {
            $dice = ($dice * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

            return $dice >> 8;
        };
        [$i, $j] = [$first + $next() % (count($chosen) - $first), $first + $next() % (count($chosen) - $first)];
        [$one, $other] = [$chosen[$i], $chosen[$j]];
        $moved = $one === $other ? 0.0 : $heights[$i] - $heights[$j];
        $ends[$one] -= $moved;
        $ends[$other] += $moved;
        $chosen[$i] = $other;
        $chosen[$j] = $one;

        return [array_values($chosen), $ends];
    }

    /**
     * Each tile into the shortest column: the yardstick, and the beginning of ours.
     *
     * @param  list<float>  $heights
     * @return array{list<int>, array<int, float>} columns, and the columns' ends
     */
    public function shortest(array $heights): array
    {
        $ends = array_fill(0, $this->columns, 0.0);
        $chosen = [];
        foreach ($heights as $height) {
            $column = 0;
            $least = $ends[0];
            foreach ($ends as $c => $end) {
                // The first of equals reads best.
                if ($end < $least - self::HAIR) {
                    $least = $end;
                    $column = $c;
                }
            }
            $chosen[] = $column;
            $ends[$column] = $least + $height;
        }

        return [$chosen, $ends];
    }

    /**
     * By how much the columns' ends differ, px.
     *
     * @param  array<int, float>  $ends
     */
    public static function apart(array $ends): float
    {
        return $ends === [] ? 0.0 : max($ends) - min($ends);
    }

    /**
     * Each tile into the shortest column in which it starts above none that it must not.
     *
     * @param  list<float>  $heights
     * @param  list<list<float>>  $widths  heights where the order must be readable
     * @return array{list<int>, array<int, float>} columns, and the columns' ends
     */
    private function readable(array $heights, array $widths): array
    {
        $ends = array_fill(0, $this->columns, 0.0);
        $orders = array_map(fn (): ReadingOrder => new ReadingOrder($this->columns), $widths);
        $chosen = [];
        foreach ($heights as $i => $height) {
            $column = null;
            $lowest = 0;
            foreach ($ends as $c => $end) {
                $lowest = $end > $ends[$lowest] ? $c : $lowest;
                if ($column !== null && $end >= $ends[$column] - self::HAIR) {
                    continue;
                }
                foreach ($orders as $order) {
                    if (! $order->allows($c)) {
                        continue 2;
                    }
                }
                $column = $c;
            }
            $chosen[] = $column ??= $lowest;
            $ends[$column] += $height;
            foreach ($orders as $w => $order) {
                $order->add($column, $widths[$w][$i]);
            }
        }

        return [$chosen, $ends];
    }

    /**
     * @param  list<float>  $heights
     * @param  list<int>  $chosen
     * @param  array<int, float>  $ends
     * @param  list<ReadingOrder>  $orders
     * @param  int  $first  tile that may be moved
     * @return array{list<int>, array<int, float>} columns, and their ends
     */
    private function levelled(array $heights, array $chosen, array $ends, array $orders, int $first): array
    {
        $mean = array_sum($ends) / $this->columns;
        for ($n = 0; $n < self::EXCHANGES * $this->columns && self::apart($ends) > self::LEVEL; $n++) {
            foreach (self::pairs($ends) as [$long, $short]) {
                $moved = min($ends[$long] - $mean, $mean - $ends[$short]);
                $after = (new TileExchange($heights, $chosen, $first))->between($long, $short, $moved > 0 ? $moved : ($ends[$long] - $ends[$short]) / 2, $orders);
                if ($after !== null) {
                    [$chosen, $really] = $after;
                    $ends[$long] -= $really;
                    $ends[$short] += $really;

                    continue 2;
                }
            }
            break;
        }

        return [$chosen, $ends];
    }

    /**
     * The longest column with each shorter one, and each longer one with the shortest; those furthest apart first.
     *
     * @param  array<int, float>  $ends
     * @return list<array{int, int}>
     */
    private static function pairs(array $ends): array
    {
        arsort($ends);
        $order = array_keys($ends);
        $last = count($order) - 1;
        $pairs = [[$order[0], $order[$last]]];
        for ($i = 1; $i < $last; $i++) {
            $pairs[] = [$order[0], $order[$last - $i]];
            $pairs[] = [$order[$i], $order[$last]];
        }

        return $pairs;
    }
}
