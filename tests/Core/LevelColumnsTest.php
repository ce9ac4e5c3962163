<?php

declare(strict_types=1);

use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Longest;
use ZincPane\Core\Layout\ColumnChoice;
use ZincPane\Core\Layout\MasonryLayout;
use ZincPane\Core\Layout\ReadingOrder;
use ZincPane\Core\Layout\TileExchange;

covers(ColumnChoice::class, ReadingOrder::class, TileExchange::class, Longest::class, MasonryLayout::class);

/** Where each column ends when tiles of these heights stand in these columns, and where each tile starts. */
function endsOf(array $heights, array $chosen, int $columns): array
{
    $ends = array_fill(0, $columns, 0.0);
    $starts = [];
    foreach ($chosen as $i => $column) {
        $starts[] = $ends[$column];
        $ends[$column] += $heights[$i];
    }

    return [$ends, $starts];
}

/** The first tile that starts above one that comes more than so many places before it. */
function outOfOrder(array $starts, int $reach): ?int
{
    foreach ($starts as $i => $start) {
        foreach (array_slice($starts, 0, max(0, $i - $reach)) as $earlier) {
            if ($start < $earlier - 1e-4) {
                return $i;
            }
        }
    }

    return null;
}

it('ends the columns level to a few px from twenty tiles on, in an order that can be read', function (): void {
    $apart = [];
    foreach ([2, 3, 4, 5, 6] as $columns) {
        foreach ([20, 30, 40, 50, 60, 70, 80, 90, 100] as $count) {
            foreach ([1, 2, 3] as $seed) {
                $heights = array_map(static fn ($shape): float => 300 / $shape->value + 8, someShapes($count, 100 * $count + $seed));
                $choice = new ColumnChoice($columns);
                [$ends, $starts] = endsOf($heights, $choice->best($heights), $columns);
                expect(outOfOrder($starts, 2 * $columns))->toBeNull()
                    ->and($starts)->toHaveCount($count)->and(array_sum($ends))->toEqualWithDelta(array_sum($heights), 1e-6)
                    ->and(max($ends) - min($ends))->toBeLessThanOrEqual(ColumnChoice::apart($choice->shortest($heights)[1]) + 1e-6);
                $apart[] = max($ends) - min($ends);
            }
        }
    }
    expect(array_sum($apart) / count($apart))->toBeLessThan(8.0);
});

it('is as level as the best of all arrangements of a few tiles that can be read, to a few px', function (): void {
    $dice = dice(4);
    $ours = $least = 0.0;
    for ($trial = 0; $trial < 30; $trial++) {
        $columns = $dice->getInt(2, 3);
        $heights = array_map(static fn (): float => (float) $dice->getInt(100, 400), range(1, $columns === 2 ? 11 : 8));
        $count = count($heights);
        $best = INF;
        for ($n = 0; $n < $columns ** ($count - $columns); $n++) {
            $chosen = range(0, $columns - 1);
            for ($rest = $n, $i = $columns; $i < $count; $i++, $rest = intdiv($rest, $columns)) {
                $chosen[] = $rest % $columns;
            }
            [$ends, $starts] = endsOf($heights, $chosen, $columns);
            $apart = max($ends) - min($ends);
            $best = $apart < $best && outOfOrder($starts, 2 * $columns) === null ? $apart : $best;
        }
        [$ends] = endsOf($heights, (new ColumnChoice($columns))->best($heights), $columns);
        expect(max($ends) - min($ends))->toBeGreaterThanOrEqual($best - 1e-6);
        $ours += max($ends) - min($ends);
        $least += $best;
    }
    expect($ours / 30)->toBeLessThan($least / 30 + 20);
});

it('tells the height that is drawn, and keeps the order readable, at every width of every band', function (array $layout): void {
    foreach ([3, 9, 20, 41, 70] as $count) {
        foreach (laidOut(['kind' => 'masonry', ...$layout], someShapes($count, $count))->bands as $band) {
            $from = max(240, $band->band->from);
            $until = ($band->band->until ?? 2561) - 1;
            foreach ([$from, $from + ($until - $from) / 7, ($from + $until) / 2, $until] as $width) {
                $starts = $band->boxes->tops;
                $bottom = max(array_map(static fn (Linear $top, Linear $height): float => $top->at($width) + $height->at($width), $starts, $band->boxes->heights));
                expect($band->height->at($width))->toEqualWithDelta($bottom, 0.006)
                    ->and(outOfOrder(array_map(static fn (Linear $top): float => $top->at($width), $starts), 2 * $band->columns))->toBeNull();
            }
        }
    }
})->with([
    'four columns' => [['columns' => 4]], 'three lines of caption' => [['columns' => 3, 'caption_lines' => 3]], 'wide gaps' => [['columns' => 6, 'gap' => 60]],
    'as many as fit' => [['column_rule' => 'fit', 'tile_width' => 130, 'caption_lines' => 1, 'gap' => 20]], 'two on a phone' => [['columns' => 5, 'phone' => ['columns' => 2]]],
]);

it('is the longest of some lines at every width, by those alone that are longest somewhere', function (): void {
    $dice = dice(9);
    for ($trial = 0; $trial < 200; $trial++) {
        $lines = array_map(static fn (): Linear => Linear::of($dice->getInt(0, 400) / 100, (float) $dice->getInt(0, 900)), range(1, $dice->getInt(1, 7)));
        [$from, $until] = [$dice->getInt(240, 900), $dice->getInt(901, 2560)];
        $longest = Longest::among($lines, $from, $until);
        foreach ([$from, ($from + $until) / 2, $until] as $width) {
            expect($longest->at($width))->toEqualWithDelta(max(array_map(static fn (Linear $line): float => $line->at($width), $lines)), 0.006);
        }
        // None of them lies below another all the way.
        foreach ($longest->lines as $n => $line) {
            foreach ($longest->lines as $m => $other) {
                expect($n !== $m && $line->at($from) >= $other->at($from) && $line->at($until) >= $other->at($until))->toBeFalse();
            }
        }
    }
    expect(Longest::among([], 240, 900)->at(300))->toBe(0.0);
});
