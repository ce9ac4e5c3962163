<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering\Internal;

/**
 * Orders things so that none stands beside one that it must not, as near as can be to the order they have.
 *
 * A few in a row are ordered best of all by dynamic programming over their subsets (after Held and Karp, "A dynamic
 * programming approach to sequencing problems", 1962): a whole pile of a dozen, and of a larger one what is around each
 * pair that stands side by side. Where that leaves a pair, the whole is built up one by one, what is hardest to part first,
 * with steps taken back, and then brought nearer to the order it had.
 */
final readonly class NearestApart
{
    /** Things that are ordered together: first few, then more where a pair is left; all of so many. */
    private const WINDOWS = [8, 10, 12];

    /** What a pair side by side costs, in places. */
    private const SIDE_BY_SIDE = 1_000_000;

    /** Steps forward and back for each thing. */
    private const STEPS = 60;

    /** Rounds in which a built order is brought nearer, and things up to which that is worth while. */
    private const ROUNDS = 3;

    private const MANY = 300;

    /**
     * @param  array<int, array<int, mixed>>  $apart  by thing, those that it must not stand beside
     */
    public function __construct(private array $apart)
    {
    }

    /**
     * @param  int  $count  of things, 0 to count - 1 in the order they have
     * @return list<int>
     */
    public function from(int $count): array
    {
        $most = max(self::WINDOWS);
        if ($count <= $most) {
            return $this->best(range(0, $count - 1), 0, null, null);
        }
        $order = range(0, $count - 1);
        foreach (self::WINDOWS as $size) {
            $order = $this->mended($order, $size);
        }
        if ($this->pairs($order) > 0) {
            $built = $this->built($count);
            $order = $built === null || $this->pairs($built) >= $this->pairs($order) ? $order : $this->nearer($built);
        }

        return $order;
    }

    /**
     * @param  list<int>  $order
     * @return int of those side by side that must not be
     */
    private function pairs(array $order): int
    {
        $pairs = 0;
        foreach ($order as $place => $thing) {
            $pairs += (int) ($place > 0 && isset($this->apart[$thing][$order[$place - 1]]));
        }

        return $pairs;
    }

    /**
     * With what is around each pair ordered anew.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function mended(array $order, int $size): array
    {
        $last = count($order) - 1;
        for ($place = 1; $place <= $last; $place++) {
            if (isset($this->apart[$order[$place]][$order[$place - 1]])) {
                $swapped = $this->swapped($order, $place) ?? $this->swapped($order, $place - 2);
                if ($swapped !== null) {
                    $order = $swapped;

                    continue;
                }
                $first = max(0, min($place - intdiv($size, 2), $last + 1 - $size));
                $order = $this->inWindow($order, $first, $size);
            }
        }

        return $order;
    }

    /**
     * With two neighbours changed over, which moves less than anything else does; null where that leaves a pair.
     *
     * @param  list<int>  $order
     * @param  int  $place  of the first of them
     * @return ?list<int>
     */
    private function swapped(array $order, int $place): ?array
    {
        if ($place < 0 || ! isset($order[$place + 1])) {
            return null;
        }
        [$order[$place], $order[$place + 1]] = [$order[$place + 1], $order[$place]];
        $from = max(0, $place - 1);

        return $this->pairs(array_slice($order, $from, $place + 3 - $from)) === 0 ? array_values($order) : null;
    }

    /**
     * @param  list<int>  $order
     * @return list<int>
     */
    private function inWindow(array $order, int $first, int $size): array
    {
        $best = $this->best(array_slice($order, $first, $size), $first, $order[$first - 1] ?? null, $order[$first + $size] ?? null);
        array_splice($order, $first, $size, $best);

        return $order;
    }

    /**
     * The best of all orders of a few things between two that stay.
     *
     * @param  list<int>  $things
     * @param  int  $first  place of the first of them
     * @return list<int>
     */
    private function best(array $things, int $first, ?int $before, ?int $after): array
    {
        $count = count($things);
        sort($things);
        $all = (1 << $count) - 1;
        /** @var array<int, array<int, int>> $cost by the set that is placed and the last of it */
        $cost = $came = [];
        foreach ($things as $k => $thing) {
            $cost[1 << $k][$k] = abs($thing - $first) + ($before !== null && isset($this->apart[$thing][$before]) ? self::SIDE_BY_SIDE : 0);
        }
        for ($set = 1; $set < $all; $set++) {
            if (! isset($cost[$set])) {
                continue;
            }
            $place = $first + count($cost[$set]);
            foreach ($cost[$set] as $last => $until) {
                $not = $this->apart[$things[$last]] ?? [];
                foreach ($things as $k => $thing) {
                    if (($set >> $k & 1) === 1) {
                        continue;
                    }
                    $one = $until + abs($thing - $place) + (isset($not[$thing]) ? self::SIDE_BY_SIDE : 0);
                    $next = $set | 1 << $k;
                    if ($one < ($cost[$next][$k] ?? PHP_INT_MAX)) {
                        $cost[$next][$k] = $one;
                        $came[$next][$k] = $last;
                    }
                }
            }
        }
        $ends = $cost[$all] ?? [];
        foreach ($after === null ? [] : $ends as $k => $one) {
            $ends[$k] = $one + (isset($this->apart[$things[$k]][$after]) ? self::SIDE_BY_SIDE : 0);
        }
        asort($ends);
        $order = [];
        $last = array_key_first($ends);
        for ($set = $all; $last !== null; $set = $left) {
            $order[] = $things[$last];
            $left = $set & ~(1 << $last);
            $last = $came[$set][$last] ?? null;
        }

        return array_reverse($order);
    }

    /**
     * One by one: what would else be left over, before all else the first that may stand there.
     *
     * @return ?list<int> null where the steps did not suffice
     */
    private function built(int $count): ?array
    {
        $waiting = array_fill(0, $count, true);
        $left = array_map(static fn (int $thing): int => 0, range(0, $count - 1));
        foreach ($this->apart as $thing => $others) {
            $left[$thing] = count($others);
        }
        /** @var list<list<int>> $choices what is still to be tried at each place, the last first */
        $choices = [$this->choices($waiting, $left, null)];
        $order = [];
        for ($step = 0; $step < self::STEPS * $count; $step++) {
            $place = count($order);
            if ($place === $count) {
                return $order;
            }
            $thing = array_pop($choices[$place]);
            if ($thing === null) {
                // Nothing may stand here: the last step is taken back.
                array_pop($choices);
                $taken = array_pop($order);
                if ($taken === null) {
                    return null;
                }
                $waiting[$taken] = true;
                foreach (array_keys($this->apart[$taken] ?? []) as $other) {
                    $left[$other]++;
                }

                continue;
            }
            $order[] = $thing;
            unset($waiting[$thing]);
            foreach (array_keys($this->apart[$thing] ?? []) as $other) {
                $left[$other]--;
            }
            $choices[] = $this->choices($waiting, $left, $thing);
        }

        return null;
    }

    /**
     * @param  array<int, true>  $waiting
     * @param  array<int, int>  $left  of each thing, how many that it must not stand beside are waiting
     * @return list<int> what may come next, the best last
     */
    private function choices(array $waiting, array $left, ?int $last): array
    {
        $not = $last === null ? [] : $this->apart[$last] ?? [];
        $count = count($waiting);
        $urgent = $ordinary = [];
        ksort($waiting);
        foreach (array_keys($waiting) as $thing) {
            if (! isset($not[$thing])) {
                // Of a group of more than half, one has to stand at every other place from now on.
                2 * ($left[$thing] + 1) >= $count ? $urgent[$thing] = $left[$thing] : $ordinary[] = $thing;
            }
        }
        arsort($urgent);

        return array_reverse([...array_keys($urgent), ...array_slice($ordinary, 0, 4)]);
    }

    /**
     * @param  list<int>  $order
     * @return list<int>
     */
    private function nearer(array $order): array
    {
        $size = self::WINDOWS[0];
        for ($round = 0; $round < self::ROUNDS && count($order) <= self::MANY; $round++) {
            for ($first = 0; $first + $size <= count($order); $first += intdiv($size, 2)) {
                $order = $this->inWindow($order, $first, $size);
            }
        }

        return $order;
    }
}
