<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * In which column each tile of a masonry stands, so that the columns end as level as can be.
 *
 * The tiles go, in order, into the shortest column; then the last of them, but none of the first row, are moved from column to
 * column and exchanged, the best step first, as long as that brings the ends nearer to each other (the
 * sum of their squares is least where they are level). The order stays readable: no tile starts above
 * one that comes more than twice as many places before it as there are columns.
 */
final readonly class ColumnChoice
{
    /** How many of the last tiles are moved, for each column. */
    private const LAST = 6;

    /** Steps at most. */
    private const STEPS = 24;

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
     * @return list<int> the column of each, from 0
     */
    public function best(array $heights): array
    {
        $count = count($heights);
        [$chosen, $ends, $starts] = $this->shortest($heights);
        if ($this->columns === 1 || $count <= $this->columns) {
            return $chosen;
        }
        // The first row stays as it is read: from start to end.
        $first = max($this->columns, $count - self::LAST * $this->columns);
        for ($step = 0; $step < self::STEPS; $step++) {
            $better = $this->step($heights, $chosen, $ends, $starts, $first);
            if ($better === null) {
                break;
            }
            [$chosen, $ends] = $better;
        }

        return $chosen;
    }

    /**
     * Each tile into the shortest column: the yardstick, and the beginning of ours.
     *
     * @param  list<float>  $heights
     * @return array{list<int>, array<int, float>, list<float>} columns, the columns' ends, the tiles' starts
     */
    public function shortest(array $heights): array
    {
        $ends = array_fill(0, $this->columns, 0.0);
        $chosen = $starts = [];
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
            $starts[] = $least;
            $ends[$column] = $least + $height;
        }

        return [$chosen, $ends, $starts];
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
     * The move or exchange that brings the ends nearest to each other; null where none does.
     *
     * Moving h from a column that ends at A to one that ends at B changes the sum of squares by
     * 2h(h - (A - B)); an exchange moves the difference of two tiles.
     *
     * @param  list<float>  $heights
     * @param  list<int>  $chosen
     * @param  array<int, float>  $ends
     * @param  list<float>  $starts  of the tiles as the shortest column had them
     * @param  int  $first  tile that may be moved
     * @return array{list<int>, array<int, float>}|null
     */
    private function step(array $heights, array $chosen, array $ends, array $starts, int $first): ?array
    {
        $steps = $gains = [];
        $count = count($heights);
        for ($i = $first; $i < $count; $i++) {
            foreach ($ends as $column => $end) {
                $gain = 2 * $heights[$i] * ($ends[$chosen[$i]] - $end - $heights[$i]);
                if ($column !== $chosen[$i] && $gain > self::HAIR) {
                    $steps[] = [$i, $column, null];
                    $gains[] = $gain;
                }
            }
            for ($j = $i + 1; $j < $count; $j++) {
                $moved = $heights[$i] - $heights[$j];
                $gain = 2 * $moved * ($ends[$chosen[$i]] - $ends[$chosen[$j]] - $moved);
                if ($gain > self::HAIR && $chosen[$i] !== $chosen[$j]) {
                    $steps[] = [$i, $chosen[$j], $j];
                    $gains[] = $gain;
                }
            }
        }
        arsort($gains);
        foreach (array_slice(array_keys($gains), 0, 2 * self::STEPS) as $index) {
            [$i, $column, $j] = $steps[$index];
            $after = $chosen;
            $after[$i] = $column;
            if ($j !== null) {
                $after[$j] = $chosen[$i];
            }
            $newEnds = $this->readable($heights, array_values($after), $starts, $first);
            if ($newEnds !== null) {
                return [array_values($after), $newEnds];
            }
        }

        return null;
    }

    /**
     * The columns' ends, if the order is still readable.
     *
     * @param  list<float>  $heights
     * @param  list<int>  $chosen
     * @param  list<float>  $starts  of the tiles before the first that may have moved
     * @return array<int, float>|null
     */
    private function readable(array $heights, array $chosen, array $starts, int $first): ?array
    {
        $ends = array_fill(0, $this->columns, 0.0);
        for ($i = 0; $i < $first; $i++) {
            $ends[$chosen[$i]] = $starts[$i] + $heights[$i];
        }
        $reach = 2 * $this->columns;
        // Starts never rise where each tile went into the shortest column.
        $floor = $starts[max(0, $first - $reach - 1)] ?? 0.0;
        $count = count($heights);
        for ($i = $first; $i < $count; $i++) {
            if ($i > $reach) {
                $floor = max($floor, $starts[$i - $reach - 1]);
            }
            $start = $ends[$chosen[$i]];
            if ($start < $floor - self::HAIR) {
                return null;
            }
            $starts[$i] = $start;
            $ends[$chosen[$i]] = $start + $heights[$i];
        }

        return $ends;
    }
}
