<?php

declare(strict_types=1);

use Bench\RowCosts;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\ColumnBands;
use ZincPane\Core\Layout\MasonryLayout;
use ZincPane\Core\Layout\RowBreaks;
use ZincPane\Core\Layout\RowLimits;
use ZincPane\Core\Layout\RowsLayout;
use ZincPane\Core\Layout\SingleLayout;
use ZincPane\Core\Layout\StripLayout;

covers(RowsLayout::class, RowBreaks::class, RowLimits::class, MasonryLayout::class, ColumnBands::class, StripLayout::class, SingleLayout::class, LayoutDesign::class);

/** Two tiles of a band that lie upon each other at a width, by more than a hundredth of a px; null where none do. */
function overlapping(BandArrangement $band, float $width): ?string
{
    $places = array_map(static fn ($box): array => $box->at($width), iterator_to_array($band->boxes));
    foreach ($places as $i => $a) {
        for ($j = $i + 1; $j < count($places); $j++) {
            $b = $places[$j];
            if ($a['left'] + $a['width'] > $b['left'] + 0.01 && $b['left'] + $b['width'] > $a['left'] + 0.01 && $a['top'] + $a['height'] > $b['top'] + 0.01 && $b['top'] + $b['height'] > $a['top'] + 0.01) {
                return "{$i} and {$j} at {$width}";
            }
        }
    }

    return null;
}

$all = [
    'rows, balanced' => ['kind' => 'rows', 'last_row' => 'balance'],
    'rows, centred, captions' => ['kind' => 'rows', 'row_height' => 140, 'last_row' => 'centre', 'caption_lines' => 2, 'gap' => 17],
    'rows, filled' => ['kind' => 'rows', 'row_height' => 300, 'last_row' => 'fill', 'gap' => 0],
    'rows, from the start' => ['kind' => 'rows', 'last_row' => 'start', 'phone' => ['row_height' => 90]],
    'masonry' => ['kind' => 'masonry', 'columns' => 4, 'gap' => 11],
    'masonry, as many as fit, captions' => ['kind' => 'masonry', 'column_rule' => 'fit', 'tile_width' => 170, 'caption_lines' => 1, 'phone' => ['columns' => 2]],
    'mosaic' => ['kind' => 'mosaic', 'row_height' => 170],
    'mosaic, captions' => ['kind' => 'mosaic', 'row_height' => 260, 'caption_lines' => 3, 'gap' => 3],
    'grid, balanced' => ['kind' => 'grid', 'columns' => 5, 'shape' => '4:3', 'last_row' => 'balance'],
    'one per row' => ['kind' => 'single', 'caption_lines' => 1],
    'strip' => ['kind' => 'strip', 'height' => 380],
    'slideshow' => ['kind' => 'slideshow', 'phone' => ['height' => 250]],
];

it('places every tile inside the width and none upon another, in bands without holes', function (array $layout): void {
    foreach ([0, 1, 2, 7, 23] as $count) {
        $arrangement = laidOut($layout, someShapes($count, $count));
        expect($arrangement->bands[0]->band->from)->toBe(0)->and(array_slice($arrangement->bands, -1)[0]->band->until)->toBeNull();
        foreach ($arrangement->bands as $i => $band) {
            if ($i > 0) {
                expect($band->band->from)->toBe($arrangement->bands[$i - 1]->band->until);
            }
            $from = max(Arrangement::NARROWEST, $band->band->from);
            foreach ([$from, ($band->band->until ?? 2561) - 1] as $width) {
                $bottom = 0.0;
                expect(count($band->boxes))->toBe($count)->and(overlapping($band, $width))->toBeNull();
                foreach ($band->boxes as $box) {
                    $place = $box->at($width);
                    $bottom = max($bottom, $place['top'] + $place['height']);
                    expect($place['width'])->toBeGreaterThan(0.0)->and($place['height'])->toBeGreaterThan(0.0)->and($place['left'])->toBeGreaterThanOrEqual(-0.01);
                    if (! in_array($layout['kind'], ['strip', 'slideshow'], true)) {
                        expect($place['left'] + $place['width'])->toBeLessThanOrEqual($width + 0.01);
                    }
                }
                expect($band->height->at($width))->toEqualWithDelta($bottom, 0.01);
            }
        }
    }
})->with(array_map(static fn (array $layout): array => [$layout], $all));

it('breaks rows as the cheapest of all possible breaks, and never worse than row by row', function (): void {
    $dice = dice(41);
    for ($trial = 0; $trial < 120; $trial++) {
        $count = $dice->getInt(1, $trial < 8 ? 14 : 10);
        $ratios = array_map(static fn (): float => $dice->getInt(0, 9) === 0 ? $dice->getInt(30, 60) / 10 : $dice->getInt(40, 240) / 100, range(1, $count));
        $width = (float) $dice->getInt(240, 2560);
        $wish = [$dice->getInt(80, 500), $dice->getInt(0, 30), LastRow::cases()[$trial % 4]];
        $costs = new RowCosts(...$wish);
        $best = $costs->of($ratios, (new RowBreaks(...$wish))->best($ratios, $width), $width);
        $least = INF;
        foreach (allBreaks($count) as $starts) {
            $least = min($least, $costs->of($ratios, $starts, $width));
        }
        expect($best)->toEqualWithDelta($least, 1e-9)->and($best)->toBeLessThanOrEqual($costs->of($ratios, $costs->rowByRow($ratios, $width), $width) + 1e-9);
    }
});

it('breaks rows as the cheapest of all possible breaks where each row beyond the limits of a band costs a quarter more', function (): void {
    $dice = dice(8);
    $beyond = 0;
    for ($trial = 0; $trial < 250; $trial++) {
        $ratios = array_map(static fn (): float => $dice->getInt(0, 9) === 0 ? 4.5 : $dice->getInt(50, 200) / 100, range(1, $dice->getInt(2, 9)));
        $count = count($ratios);
        [$from, $gap, $last] = [$dice->getInt(240, 1500), $dice->getInt(0, 30), LastRow::cases()[$trial % 4]];
        $until = $from * $dice->getInt(100, 150) / 100;
        $middle = sqrt($from * $until);
        $rowsBeyond = static function (array $starts) use ($ratios, $count, $from, $until, $gap, $last): int {
            $rows = 0;
            foreach ($starts as $row => $start) {
                $inRow = array_slice($ratios, $start, ($starts[$row + 1] ?? $count) - $start);
                $gaps = (count($inRow) - 1) * $gap;
                $isLoose = ! isset($starts[$row + 1]) && in_array($last, [LastRow::Start, LastRow::Centre], true);
                $rows += (int) (count($inRow) > 1 && ($from - $gaps) / array_sum($inRow) < 150) + (int) (! $isLoose && ($until - $gaps) / array_sum($inRow) > 250);
            }

            return $rows;
        };
        $costs = new RowCosts(200, $gap, $last);
        $cost = static fn (array $starts): float => $costs->of($ratios, $starts, $middle) + 0.25 * $rowsBeyond($starts);
        $best = (new RowBreaks(200, $gap, $last))->best($ratios, $middle, new RowLimits($from, $until, 150.0, 250.0));
        expect($cost($best))->toEqualWithDelta(min(array_map($cost, iterator_to_array(allBreaks($count), false))), 1e-9);
        $beyond += $rowsBeyond($best);
    }
    expect($beyond)->toBeGreaterThan(50);
});

it('keeps rows within a third of the wished height over a whole band', function (): void {
    // Ordinary shapes, rows of several: where any breaks can hold it.
    $pictures = array_map(static fn (int $i): Ratio => Ratio::of([1.5, 1.333, 0.75, 1.0][$i % 4], 1), range(1, 60));
    $arrangement = laidOut(['kind' => 'rows', 'row_height' => 200, 'last_row' => 'balance', 'phone' => ['row_height' => 120]], $pictures);
    expect(count($arrangement->bands))->toBeLessThan(26);
    foreach ($arrangement->bands as $band) {
        foreach (($band->band->until ?? 2561) <= 400 ? [] : [max(400, $band->band->from), ($band->band->until ?? 2561) - 1] as $width) {
            $wished = $width >= 600 ? 200 : 120;
            foreach (array_slice($band->rowStarts, 0, -1) as $start) {
                expect(abs($band->boxes->heights[$start]->at($width) - $wished))->toBeLessThanOrEqual(0.33 * $wished);
            }
        }
    }
});

it('says of a layout what is so', function (LayoutKind $kind): void {
    $pictures = someShapes(14, 5);
    $layout = ['kind' => $kind->value, 'columns' => 3, 'shape' => 'own'];
    $plain = laidOut($layout, $pictures)->at(1120);
    $of = static fn (array $edges): array => array_map(static fn (Linear $edge): float => round($edge->at(1120), 3), $edges);
    $isEven = count(array_unique($of($plain->boxes->widths))) === 1;
    $second = array_slice($of($plain->boxes->tops), $plain->rowStarts[1] ?? 0, ($plain->rowStarts[2] ?? 14) - ($plain->rowStarts[1] ?? 0));
    $sized = static fn (string $size): GalleryDesign => TileSize::of($size)->in(GalleryDesign::default()->with(['layout' => $layout]));
    expect(laidOut($layout, $pictures, [4])->at(1120)->boxes != $plain->boxes)->toBe($kind->makesLarge())
        ->and($isEven && count(array_unique($second)) > 1)->toBe($kind->endsInColumns())
        ->and($sized('large')->differenceFrom($sized('small')) === [])->toBe($kind->sizeKey() === null);
})->with(LayoutKind::cases());

it('lets the next picture of a strip peek out, however narrow it is', function (): void {
    foreach ([240, 354, 600, 1120, 2500] as $width) {
        foreach (laidOut(['kind' => 'strip', 'height' => 500], someShapes(9, 3))->at($width)->boxes as $box) {
            expect($box->width->at($width))->toBeLessThanOrEqual(StripLayout::PEEK * $width + 0.01);
        }
    }
});

it('balances a grid so that its rows differ by one at most', function (): void {
    for ($count = 1; $count <= 40; $count++) {
        $band = laidOut(['columns' => 4, 'last_row' => 'balance'], someShapes($count, 1))->at(1120);
        $inRows = array_map(static fn (int $start, int $row): int => ($band->rowStarts[$row + 1] ?? $count) - $start, $band->rowStarts, array_keys($band->rowStarts));
        expect(array_sum($inRows))->toBe($count)->and(max($inRows))->toBeLessThanOrEqual(4)->and(max($inRows) - min($inRows))->toBeLessThanOrEqual(1);
    }
});
