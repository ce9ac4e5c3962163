<?php

declare(strict_types=1);

use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\WidthBand;
use ZincPane\Core\Layout\GridLayout;
use ZincPane\Core\Layout\RowBalance;
use ZincPane\Core\Layout\RowBands;
use ZincPane\Core\Layout\RowBreaks;
use ZincPane\Core\Layout\RowLimits;
use ZincPane\Core\Layout\RowsLayout;
use ZincPane\Core\Layout\TileFrame;
use ZincPane\Core\Layout\WidthSteps;

covers(RowsLayout::class, RowBands::class, RowBreaks::class, RowLimits::class, RowBalance::class, WidthSteps::class, GridLayout::class);

/**
 * Lays galleries of many sizes out in rows, and hands over every row at both ends and in the middle of every band.
 *
 * @param  Closure(list<array{top: float, left: float, right: float, height: float}>, float, float): void  $judge  rows, inner width, wished height
 */
function everyRow(string $lastRow, Closure $judge, array $counts = [1, 2, 3, 4, 5, 7, 9, 13, 17, 24, 40]): void
{
    foreach ($counts as $count) {
        foreach ([[120, 90, 8], [180, null, 8], [230, null, 0], [320, 200, 30]] as $n => [$height, $onPhone, $gap]) {
            $arrangement = laidOut(['kind' => 'rows', 'row_height' => $height, 'last_row' => $lastRow, 'gap' => $gap, 'phone' => ['row_height' => $onPhone]], someShapes($count, 31 * $count + $n));
            foreach ($arrangement->bands as $band) {
                [$from, $until] = [max(240, $band->band->from), ($band->band->until ?? 2561) - 0.5];
                foreach ([$from, ($from + $until) / 2, $until] as $width) {
                    $judge(rowsOf($band, $width), $width, (float) ($width >= 600 ? $height : $onPhone ?? $height));
                }
            }
        }
    }
}

it('never lets a last row that need not fill the width become higher than 1.3 times what is wished', function (string $lastRow): void {
    everyRow($lastRow, function (array $rows, float $width, float $wished) use ($lastRow): void {
        $last = end($rows);
        expect($last['height'])->toBeLessThanOrEqual(1.3 * $wished + 0.01, "at {$width}")->and($last['right'])->toBeLessThanOrEqual($width + 0.01);
        expect(abs($lastRow === 'centre' ? $last['left'] - ($width - $last['right']) : $last['left']))->toBeLessThan(0.02);
    });
})->with(['start', 'centre']);

it('fills the width with every row, to half a px', function (string $lastRow): void {
    everyRow($lastRow, function (array $rows, float $width): void {
        foreach ($rows as $row) {
            expect(max(abs($row['left']), abs($row['right'] - $width)))->toBeLessThan(0.5);
        }
    });
})->with(['fill', 'balance']);

it('balances the last row to between 0.7 and 1.4 times the others, wherever some pictures stand side by side', function (): void {
    $judged = 0;
    everyRow('balance', function (array $rows, float $width) use (&$judged): void {
        $last = array_pop($rows);
        // Rows of one or two offer no choice: a portrait beside a panorama is what it is.
        if ($rows !== [] && $width >= 600) {
            $judged++;
            expect($last['height'] / (array_sum(array_column($rows, 'height')) / count($rows)))->toBeGreaterThan(0.7)->toBeLessThan(1.4);
        }
    });
    expect($judged)->toBeGreaterThan(300);
});

it('finds a balance whenever rows of about the wished height have one, as going through all breaks tells', function (): void {
    $dice = dice(14);
    $balanced = 0;
    for ($trial = 0; $trial < 150; $trial++) {
        $ratios = array_map(static fn (): float => [1.5, 0.667, 1.333, 0.75, 1.0, 2.4][$dice->getInt(0, 5)], range(1, $dice->getInt(3, 9)));
        [$width, $wished] = [$dice->getInt(500, 1400), $dice->getInt(150, 300)];
        $heights = static fn (array $starts): array => array_map(
            static fn (int $start, int $row): float => ($width - (($starts[$row + 1] ?? count($ratios)) - $start - 1) * 8) / array_sum(array_slice($ratios, $start, ($starts[$row + 1] ?? count($ratios)) - $start)),
            $starts, array_keys($starts),
        );
        $isBalanced = static function (array $heights, float $room): bool {
            $last = array_pop($heights);
            $share = $heights === [] ? 1.0 : $last / (array_sum($heights) / count($heights));

            return $share * $room <= 1.4 && $share >= 0.7 * $room;
        };
        $some = array_filter(iterator_to_array(allBreaks(count($ratios)), false), static fn (array $starts): bool => $isBalanced($heights($starts), 1.02) && min($heights($starts)) > 0.7 * $wished && max($heights($starts)) < 1.45 * $wished);
        if ($some !== []) {
            $breaks = (new RowBands(8, TileFrame::of(0, 0), LastRow::Balance, RowsLayout::STRAY))->breaks($ratios, new WidthBand($width - 1, $width + 1), static fn (): float => (float) $wished);
            expect($isBalanced($heights($breaks), 1.0))->toBeTrue();
            $balanced++;
        }
    }
    expect($balanced)->toBeGreaterThan(60);
});

it('falls little where a band of many pictures ends, and nowhere much', function (string $kind, float $median, float $most): void {
    $falls = [];
    foreach ([60, 120, 200] as $count) {
        foreach ([150, 190, 230, 280] as $height) {
            $bands = laidOut(['kind' => $kind, 'row_height' => $height], someShapes($count, $count + $height))->bands;
            foreach (array_slice($bands, 1) as $i => $band) {
                $falls[] = abs($band->height->at($band->band->from) / $bands[$i]->height->at($band->band->from) - 1);
            }
        }
    }
    sort($falls);
    expect($falls[intdiv(count($falls), 2)])->toBeLessThanOrEqual($median)->and(max($falls))->toBeLessThanOrEqual($most);
})->with(['tiled rows' => ['rows', 0.15, 0.4], 'a mosaic' => ['mosaic', 0.2, 0.5]]);

it('keeps rows of ordinary pictures near the wished height at every width', function (): void {
    everyRow('start', function (array $rows, float $width, float $wished): void {
        foreach ($width >= 600 ? array_slice($rows, 0, -1) : [] as $row) {
            expect($row['height'])->toBeGreaterThan(0.4 * $wished)->toBeLessThan(1.9 * $wished);
        }
        $heights = array_column(array_slice($rows, 0, -1), 'height');
        if ($width >= 600 && count($heights) > 5) {
            expect(array_sum($heights) / count($heights))->toBeGreaterThan(0.7 * $wished)->toBeLessThan(1.3 * $wished);
        }
    }, [13, 24, 40, 90]);
});

it('fills and balances the last row of a grid, at most so much higher than the others', function (string $shape, string $lastRow): void {
    foreach ([1, 2, 3, 5, 7, 9, 10, 13, 19] as $count) {
        foreach ([2, 3, 4, 6, 12] as $columns) {
            foreach ([0, 8, 60] as $gap) {
                $pictures = $shape === 'own' ? array_fill(0, $count, Ratio::of(3, 2)) : someShapes($count, $count);
                foreach (laidOut(['kind' => 'grid', 'columns' => $columns, 'shape' => $shape, 'last_row' => $lastRow, 'gap' => $gap], $pictures)->bands as $band) {
                    foreach ([max(240, $band->band->from), ($band->band->until ?? 2561) - 0.5] as $width) {
                        $rows = rowsOf($band, $width);
                        $last = array_pop($rows);
                        $others = $rows === [] ? INF : array_sum(array_column($rows, 'height')) / count($rows);
                        expect($last['height'] / $others)->toBeLessThanOrEqual(($lastRow === 'fill' ? 1.5 : 1.4) + 1e-6, "{$count} in {$columns} at {$width}");
                        // One shape fills the width whatever it takes; own ones are not cropped, and stand in the middle.
                        $room = $width - $last['right'];
                        $shape === 'own' ? expect($last['left'])->toEqualWithDelta($room, 0.02) : expect(max($last['left'], $room))->toBeLessThan(0.02);
                    }
                }
            }
        }
    }
})->with(['3:2', '1:1', 'own'])->with(['fill', 'balance']);
