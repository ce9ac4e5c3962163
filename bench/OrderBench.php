<?php

declare(strict_types=1);

namespace Bench;

use ZincPane\Core\Colour\LookHash;
use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Ordering\Orderable;
use ZincPane\Core\Ordering\Orders;

/** Each order over pictures of all colours, one in ten without a capture time; the slowest is the figure. */
final class OrderBench
{
    /**
     * @return array<string, int|float|string>
     */
    public static function run(int $count): array
    {
        $pictures = self::pictures($count);
        $slowest = ['median_ms' => 0.0, 'p95_ms' => 0.0, 'runs' => 0, 'slowest' => ''];
        $each = [];
        foreach (Orders::NAMES as $name) {
            $order = Orders::of($name, 7);
            $figures = Stopwatch::time(static fn (): array => $order->arrange($pictures), 11);
            $each["{$name}_ms"] = $figures['median_ms'];
            if ($figures['median_ms'] > $slowest['median_ms']) {
                $slowest = [...$figures, 'slowest' => $name];
            }
        }

        return [...$slowest, 'pictures' => $count, ...$each];
    }

    /**
     * @return list<Orderable>
     */
    private static function pictures(int $count): array
    {
        mt_srand(5);
        $pictures = [];
        for ($i = 0; $i < $count; $i++) {
            $pictures[] = new Orderable(
                'kite '.mt_rand(1, 500),
                $i % 10 === 0 ? null : mt_rand(1, 1_000_000_000),
                Ratio::of(mt_rand(2, 5), mt_rand(2, 5)),
                Oklab::fromRgb(mt_rand(0, 0xFFFFFF)),
                LookHash::parse(bin2hex(pack('N2', mt_rand(), mt_rand()))),
            );
        }

        return $pictures;
    }
}
