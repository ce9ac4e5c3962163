<?php

declare(strict_types=1);

namespace Bench;

/** Times a piece of work over several runs. */
final class Stopwatch
{
    /**
     * @param  callable(int): mixed  $work  given the number of the run; 0 is the warm-up
     * @return array{median_ms: float, p95_ms: float, runs: int}
     */
    public static function time(callable $work, int $runs): array
    {
        $work(0);
        $taken = [];
        for ($i = 1; $i <= $runs; $i++) {
            $start = hrtime(true);
            $work($i);
            $taken[] = (hrtime(true) - $start) / 1e6;
        }
        sort($taken);

        return [
            'median_ms' => round($taken[intdiv($runs, 2)], 2),
            'p95_ms' => round($taken[(int) ceil($runs * 0.95) - 1], 2),
            'runs' => $runs,
        ];
    }
}
