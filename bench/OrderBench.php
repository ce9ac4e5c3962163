<?php

declare(strict_types=1);

namespace Bench;

use Random\Engine\Mt19937;
use Random\Randomizer;
use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\PerceptualHash;
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
        foreach (array_keys(Orders::LABELS) as $name) {
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
        $dice = new Randomizer(new Mt19937(5));
        $pictures = [];
        for ($i = 0; $i < $count; $i++) {
            $pictures[] = new Orderable(
                'kite '.$dice->getInt(1, 500),
                $i % 10 === 0 ? null : $dice->getInt(1, 1_000_000_000),
                Ratio::of($dice->getInt(2, 5), $dice->getInt(2, 5)),
                Oklab::fromRgb($dice->getInt(0, 0xFFFFFF)),
                PerceptualHash::parse(bin2hex($dice->getBytes(8))),
            );
        }

        return $pictures;
    }
}
