<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering\Internal;

use SplQueue;

/**
 * A short path through points in space, each visited once.
 *
 * Begins with the order along a Hilbert curve, then turns stretches round (2-opt) and moves short
 * ones elsewhere (Or-opt) as long as that makes it shorter, looking from each point only at its
 * nearest neighbours. (Bentley, "Fast Algorithms for Geometric Traveling Salesman Problems", 1992)
 *
 * The path is kept as a round trip with one stop that is at no distance from any point; where that
 * stop lies, the path begins and ends.
 *
 * @internal
 */
final class ShortPath
{
    /** Nearest points that are looked at from each. */
    private const NEIGHBOURS = 5;

    /** Places along the curve within which neighbours are looked for. */
    private const WINDOW = 12;

    /** Points in a stretch that is moved, at most. */
    private const STRETCH = 3;

    /** Gains below this are rounding. */
    private const GAIN = 1e-9;

    /** @var array<int, int> points by place, without gaps; the last point is the stop */
    private array $path = [];

    /** @var array<int, int> places by point */
    private array $place = [];

    /** @var array<int, array<int, float>> distances of the nearest points, the nearest first, by point */
    private array $near = [];

    private int $count;

    /**
     * @param  list<array{float, float, float}>  $points  each between about -0.5 and 1
     */
    public function __construct(private readonly array $points)
    {
        $this->count = count($points) + 1;
    }

    /**
     * @return list<int> the points' numbers, from 0, in order
     */
    public function find(): array
    {
        $curve = $this->alongCurve();
        if (count($curve) < 3) {
            return $curve;
        }
        $this->near = $this->neighbours($curve);
        $this->path = [...$curve, $this->count - 1];
        $this->place = array_flip($this->path);
        $this->improve($curve);
        $stop = $this->place[$this->count - 1];

        return [...array_slice($this->path, $stop + 1), ...array_slice($this->path, 0, $stop)];
    }

    /**
     * @return list<int>
     */
    private function alongCurve(): array
    {
        $places = array_map(static fn (array $point): int => HilbertCurve::index(
            (int) max(0, min(31, $point[0] * 31)),
            (int) max(0, min(31, ($point[1] + 0.5) * 31)),
            (int) max(0, min(31, ($point[2] + 0.5) * 31)),
        ), $this->points);
        asort($places);

        return array_keys($places);
    }

    /**
     * @param  list<int>  $curve
     * @return array<int, array<int, float>>
     */
    private function neighbours(array $curve): array
    {
        $near = [];
        foreach ($curve as $k => $point) {
            [$x, $y, $z] = $this->points[$point];
            $squares = [];
            for ($m = max(0, $k - self::WINDOW), $until = min($this->count - 2, $k + self::WINDOW); $m <= $until; $m++) {
                $other = $curve[$m];
                if ($other !== $point) {
                    [$ox, $oy, $oz] = $this->points[$other];
                    $squares[$other] = ($x - $ox) ** 2 + ($y - $oy) ** 2 + ($z - $oz) ** 2;
                }
            }
            asort($squares);
            $near[$point] = array_map(sqrt(...), array_slice($squares, 0, self::NEIGHBOURS, true));
        }

        return $near;
    }

    private function distance(int $one, int $other): float
    {
        if ($one === $this->count - 1 || $other === $this->count - 1) {
            return 0.0;
        }
        [$x, $y, $z] = $this->points[$one];
        [$ox, $oy, $oz] = $this->points[$other];

        return sqrt(($x - $ox) ** 2 + ($y - $oy) ** 2 + ($z - $oz) ** 2);
    }

    /**
     * @param  list<int>  $points
     */
    private function improve(array $points): void
    {
        /** @var SplQueue<int> $queue */
        $queue = new SplQueue;
        $isQueued = [];
        foreach ($points as $point) {
            $queue->enqueue($point);
            $isQueued[$point] = true;
        }
        while (! $queue->isEmpty()) {
            $point = $queue->dequeue();
            $isQueued[$point] = false;
            $touched = $this->turn($point) ?? $this->move($point);
            foreach ($touched ?? [] as $other) {
                if ($other !== $this->count - 1 && ! $isQueued[$other]) {
                    $queue->enqueue($other);
                    $isQueued[$other] = true;
                }
            }
        }
    }

    private function beside(int $point, int $step): int
    {
        return $this->path[($this->place[$point] + $step + $this->count) % $this->count];
    }

    /**
     * Turns round the first stretch beginning or ending here that makes the path shorter that way.
     *
     * @return ?list<int> the points whose neighbours changed
     */
    private function turn(int $one): ?array
    {
        foreach ([1, -1] as $way) {
            $two = $this->beside($one, $way);
            $old = $this->distance($one, $two);
            foreach ($this->near[$one] as $three => $new) {
                if ($old - $new <= self::GAIN) {
                    break;
                }
                $four = $this->beside($three, $way);
                if ($old - $new + $this->distance($three, $four) - $this->distance($two, $four) > self::GAIN) {
                    $way === 1 ? $this->reverse($two, $three) : $this->reverse($three, $two);

                    return [$one, $two, $three, $four];
                }
            }
        }

        return null;
    }

    /**
     * Moves a short stretch that begins or ends here to one of the neighbours.
     *
     * @return ?list<int> the points whose neighbours changed
     */
    private function move(int $one): ?array
    {
        foreach ([1, -1] as $way) {
            $end = $one;
            for ($length = 1; $length <= min(self::STRETCH, $this->count - 3); $length++) {
                $end = $length === 1 ? $one : $this->beside($end, $way);
                $before = $this->beside($one, -$way);
                $after = $this->beside($end, $way);
                $freed = $this->distance($before, $one) + $this->distance($end, $after) - $this->distance($before, $after);
                foreach ($this->near[$one] as $goal => $distance) {
                    if ($freed - $distance <= self::GAIN) {
                        break;
                    }
                    $offset = $way * ($this->place[$goal] - $this->place[$one]);
                    if (($offset % $this->count + $this->count) % $this->count < $length) {
                        continue;
                    }
                    foreach ([1, -1] as $side) {
                        $beyond = $this->beside($goal, $side);
                        if ($beyond === $one || $beyond === $end) {
                            continue;
                        }
                        if ($freed - $distance - $this->distance($end, $beyond) + $this->distance($goal, $beyond) > self::GAIN) {
                            $this->insert($one, $end, $length, $way, $goal, $side);

                            return [$one, $end, $before, $after, $goal, $beyond];
                        }
                    }
                }
            }
        }

        return null;
    }

    /** Turns round the stretch from one point forward to another, or what is not in it when that is shorter. */
    private function reverse(int $from, int $to): void
    {
        $start = $this->place[$from];
        $length = ($this->place[$to] - $start + $this->count) % $this->count + 1;
        if (2 * $length > $this->count) {
            $start = ($this->place[$to] + 1) % $this->count;
            $length = $this->count - $length;
        }
        $end = ($start + $length - 1) % $this->count;
        for ($k = intdiv($length, 2); $k > 0; $k--) {
            [$a, $b] = [$this->path[$start], $this->path[$end]];
            $this->path[$start] = $b;
            $this->path[$end] = $a;
            $this->place[$b] = $start;
            $this->place[$a] = $end;
            $start = $start + 1 === $this->count ? 0 : $start + 1;
            $end = $end === 0 ? $this->count - 1 : $end - 1;
        }
    }

    /**
     * Puts a stretch beside a goal, its first point next to it.
     *
     * @param  int  $way  in which the stretch goes on from its first point, 1 or -1
     * @param  int  $side  of the goal, 1 is behind it
     */
    private function insert(int $one, int $end, int $length, int $way, int $goal, int $side): void
    {
        $stretch = [$one];
        while (count($stretch) < $length) {
            $stretch[] = $this->beside($stretch[count($stretch) - 1], $way);
        }
        $stretch = $side === 1 ? $stretch : array_reverse($stretch);
        // A stretch that runs over the end of the list comes off both of its ends.
        $from = min(array_map(fn (int $point): int => $this->place[$point], $stretch));
        $runsOver = abs($this->place[$one] - $this->place[$end]) !== $length - 1;
        if ($runsOver) {
            $gone = array_fill_keys($stretch, true);
            $this->path = array_values(array_filter($this->path, static fn (int $point): bool => ! isset($gone[$point])));
            $this->place = array_flip($this->path);
        } else {
            array_splice($this->path, $from, $length);
        }
        $at = $this->place[$goal] - (! $runsOver && $this->place[$goal] > $from ? $length : 0) + ($side === 1 ? 1 : 0);
        array_splice($this->path, $at, 0, $stretch);
        if ($runsOver) {
            $this->place = array_flip($this->path);
        } else {
            for ($k = min($from, $at), $until = max($from, $at) + $length; $k < $until; $k++) {
                $this->place[$this->path[$k]] = $k;
            }
        }
    }
}
