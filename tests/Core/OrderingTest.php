<?php

declare(strict_types=1);

use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Ordering\AlternatedShapes;
use ZincPane\Core\Ordering\Internal\HilbertCurve;
use ZincPane\Core\Ordering\Internal\ShortPath;
use ZincPane\Core\Ordering\Orderable;
use ZincPane\Core\Ordering\Orders;
use ZincPane\Core\Settings\SettingException;

covers(Orders::class, ShortPath::class, HilbertCurve::class, AlternatedShapes::class);

function orderable(string $name = 'x', ?int $time = null, float $ratio = 1.5, int $rgb = 0x808080, string $look = '0000000000000000'): Orderable
{
    return new Orderable($name, $time, Ratio::of($ratio, 1), Oklab::fromRgb($rgb), PerceptualHash::parse($look));
}

/**
 * @return list<Orderable>
 */
function heap(int $count, int $seed = 1): array
{
    mt_srand($seed);

    return array_map(static fn (): Orderable => orderable(
        'Kite '.mt_rand(1, 40), mt_rand(0, 4) > 0 ? mt_rand(1, 50) : null, [1.5, 0.667, 1.0, 2.2][mt_rand(0, 3)], mt_rand(0, 0xFFFFFF),
        sprintf('%08x%08x', mt_rand(0, 0x7FFFFFFF), mt_rand(0, 0x7FFFFFFF)),
    ), range(1, $count));
}

function pathLength(array $items, array $order): float
{
    $length = 0.0;
    for ($i = 1; $i < count($order); $i++) {
        $length += $items[$order[$i - 1]]->colour->distance($items[$order[$i]]->colour);
    }

    return $length;
}

it('keeps every picture once and is the same each time', function (string $name): void {
    foreach ([0, 1, 2, 3, 7, 60] as $count) {
        $items = heap(max(1, $count));
        $items = array_slice($items, 0, $count);
        $order = Orders::of($name, 42)->arrange($items);
        $sorted = $order;
        sort($sorted);
        expect($sorted)->toBe($count === 0 ? [] : range(0, $count - 1))
            ->and(Orders::of($name, 42)->arrange($items))->toBe($order)
            ->and(Orders::of($name, 42)->summary())->not->toBe('');
    }
})->with(array_keys(Orders::LABELS));

it('leaves alone what it cannot tell apart', function (string $name): void {
    expect(Orders::of($name, 1)->arrange(array_fill(0, 9, orderable())))->toBe(range(0, 8));
})->with(['time', 'name', 'alternate', 'apart']);

it('orders by capture time, those without one last', function (): void {
    expect(Orders::of('time', 0)->arrange([orderable('a', 30), orderable('b'), orderable('c', 10), orderable('d', 30), orderable('e')]))->toBe([2, 0, 3, 1, 4]);
});

it('orders by name as a person would', function (): void {
    $names = ['kite 10', 'Kite 9', 'étude', 'Zebra', 'apple', 'kite 9b'];
    expect(array_map(static fn (int $i): string => $names[$i], Orders::of('name', 0)->arrange(array_map(static fn (string $name): Orderable => orderable($name), $names))))
        ->toBe(['apple', 'étude', 'Kite 9', 'kite 9b', 'kite 10', 'Zebra']);
});

it('shuffles otherwise for another seed', function (): void {
    $items = heap(30);
    expect(Orders::of('shuffle', 1)->arrange($items))->not->toBe(Orders::of('shuffle', 2)->arrange($items))->not->toBe(range(0, 29));
});

it('alternates shapes evenly, each kind in its own order', function (string $shapes, string $expected): void {
    $items = array_map(static fn (string $shape): Orderable => orderable(ratio: ['L' => 1.5, 'P' => 0.667, 'S' => 1.0][$shape]), str_split($shapes));
    expect(implode('', array_map(static fn (int $i): string => $shapes[$i], Orders::of('alternate', 0)->arrange($items))))->toBe($expected);
})->with([
    'as many of each' => ['LLLPPP', 'LPLPLP'],
    'more landscapes' => ['LLLLLLPP', 'LLPLLPLL'],
    'more portraits' => ['PPPPL', 'PPLPP'],
    'squares help out' => ['LLLLPS', 'LPLLSL'],
]);

it('makes the longest run of one shape as short as can be, each kind in its own order', function (): void {
    mt_srand(5);
    for ($trial = 0; $trial < 300; $trial++) {
        $shapes = array_map(static fn (): string => 'LLPPPSL'[mt_rand(0, 6)], range(1, mt_rand(1, 40)));
        $order = Orders::of('alternate', 0)->arrange(array_map(static fn (string $shape): Orderable => orderable(ratio: ['L' => 1.5, 'P' => 0.667, 'S' => 1.0][$shape]), $shapes));
        $drawn = implode('', array_map(static fn (int $i): string => $shapes[$i], $order));
        // Squares make up for what one kind lacks, and what is left of them is shared.
        [$l, $p, $s] = array_map(static fn (string $kind): int => substr_count($drawn, $kind), ['L', 'P', 'S']);
        $more = max($l, $p, intdiv($l + $p + $s + 1, 2));
        $shortest = (int) ceil($more / ($l + $p + $s - $more + 1));
        preg_match_all('/L+|P+/', $drawn, $runs);
        expect(max([0, ...array_map(strlen(...), $runs[0])]))->toBeLessThanOrEqual($shortest);
        foreach (['L', 'P', 'S'] as $kind) {
            $own = array_values(array_filter($order, static fn (int $i): bool => $shapes[$i] === $kind));
            $sorted = $own;
            sort($sorted);
            expect($own)->toBe($sorted);
        }
    }
});

it('flows through colours on a short way, from the light end', function (): void {
    foreach (range(1, 12) as $seed) {
        $items = heap(60, $seed);
        $order = Orders::of('colour', 0)->arrange($items);
        expect(pathLength($items, $order))->toBeLessThan(0.35 * pathLength($items, range(0, 59)))
            ->and($items[$order[0]]->colour->l)->toBeGreaterThanOrEqual($items[$order[59]]->colour->l);
    }
});

it('comes within a sixth of the shortest way of all, where that can be tried out', function (): void {
    $shortest = static function (array $items) use (&$shortest): float {
        $best = INF;
        $walk = function (array $path, array $left, float $length) use (&$walk, &$best, $items): void {
            if ($length >= $best) {
                return;
            }
            if ($left === []) {
                $best = $length;

                return;
            }
            foreach ($left as $k => $i) {
                $rest = $left;
                unset($rest[$k]);
                $walk([...$path, $i], $rest, $length + ($path === [] ? 0.0 : $items[end($path)]->colour->distance($items[$i]->colour)));
            }
        };
        $walk([], array_keys($items), 0.0);

        return $best;
    };
    foreach (range(1, 15) as $seed) {
        $items = heap(7, 100 + $seed);
        expect(pathLength($items, Orders::of('colour', 0)->arrange($items)))->toBeLessThanOrEqual(1.17 * $shortest($items));
    }
});

it('visits every place of the cube once along the curve, one step at a time', function (): void {
    $places = [];
    for ($x = 0; $x < 32; $x++) {
        for ($y = 0; $y < 32; $y++) {
            for ($z = 0; $z < 32; $z++) {
                $places[HilbertCurve::index($x, $y, $z)] = [$x, $y, $z];
            }
        }
    }
    ksort($places);
    expect(array_keys($places))->toBe(range(0, 32767));
    for ($i = 1; $i < 32768; $i += 7) {
        expect(array_sum(array_map(static fn (int $a, int $b): int => abs($a - $b), $places[$i], $places[$i - 1])))->toBe(1);
    }
});

it('refuses an order nobody knows', function (): void {
    expect(fn () => Orders::of('mood', 0))->toThrow(SettingException::class, 'alternate');
});
