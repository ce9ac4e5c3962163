<?php

declare(strict_types=1);

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\GridLayout;
use ZincPane\Core\Layout\TileFrame;

covers(GridLayout::class);

/** Shapes as real piles have them; repeatable. */
function shapes(int $count): array
{
    $known = [1.5, 0.667, 1.0, 1.778, 0.75, 1.333, 2.4, 0.5];

    return array_map(static fn (int $i): Ratio => Ratio::of($known[($i * 7 + intdiv($i, 3)) % 8], 1), range(1, $count));
}

/** How many columns there are at a width. */
function plainColumns(array $design, int $w): int
{
    $gap = $design['gap'];
    $columns = $design['columns'];
    if ($design['column_rule'] === 'fit') {
        $columns = max(1, intdiv($w + $gap, $design['tile_width'] + $gap));
    } elseif ($w < 600) {
        $that = static fn (int $w): int => min($columns, max(1, intdiv($w + $gap, 140 + $gap)));
        $onPhone = $that(390);
        // One by one in equal steps from 390 to 600 px, where else several would come at once.
        $columns = $columns - $that(599) <= 1 || $w <= 390 ? $that($w)
            : max(array_filter(range($onPhone, $columns - 1), static fn (int $k): bool => round(390 * (600 / 390) ** (($k - $onPhone) / ($columns - $onPhone))) <= $w));
    }
    if ($design['column_rule'] === 'fit') {
        // Beyond the widest width in use no further column is begun.
        $columns = min($columns, max(1, intdiv(2560 + $gap, $design['tile_width'] + $gap)));
    }

    // No tile is narrower than 24 px.
    return min($columns, max(1, intdiv($w + $gap, 24 + $gap)));
}

/**
 * The same grid by plain arithmetic at one width, told from the rules and not from the code.
 *
 * @return list<array{left: float, top: float, width: float, height: float}>
 */
function plainGrid(array $design, array $shapes, int $w): array
{
    $gap = $design['gap'];
    $columns = plainColumns($design, $w);
    // What is decided for a band is decided where it begins.
    static $begins = [];
    $from = &$begins[json_encode($design).$columns];
    for ($from ??= $w; $from > 240 && plainColumns($design, $from - 1) === $columns;) {
        $from--;
    }
    $width = ($w - ($columns - 1) * $gap) / $columns;
    $named = ['1:1' => 1, '4:3' => 4 / 3, '3:2' => 1.5, '16:9' => 16 / 9, '2:3' => 2 / 3, '5:7' => 5 / 7];
    $boxes = [];
    $top = 0;
    foreach (array_chunk($shapes, $columns) as $row) {
        $n = count($row);
        $tile = $width;
        $left = 0;
        $basis = $width;
        if ($n < $columns && $design['last_row'] === 'centre') {
            $left = ($w - $n * $width - ($n - 1) * $gap) / 2;
        }
        if ($n < $columns && $design['last_row'] === 'fill') {
            $tile = $basis = ($w - ($n - 1) * $gap) / $n;
            $tallest = static fn (array $of): float => max(array_map(static fn (Ratio $own): float => 1 / $own->value, $of));
            $others = array_map($tallest, array_slice(array_chunk($shapes, $columns), 0, -1));
            $isOwn = $design['shape'] === 'own';
            $most = $isOwn && $others !== [] ? max(1, min(1.5, 1.5 * array_sum($others) / count($others) / $tallest($row))) : 1.5;
            if (($from - ($n - 1) * $gap) / $n > $most * ($from - ($columns - 1) * $gap) / $columns + 1e-6) {
                $basis = $most * $width;
                $tile = $isOwn ? $basis : $tile;
                $left = $isOwn ? ($w - $n * $tile - ($n - 1) * $gap) / 2 : 0;
            }
        }
        $heights = array_map(static fn (Ratio $own) => $basis / ($named[$design['shape']] ?? $own->value), $row);
        foreach ($heights as $height) {
            $boxes[] = ['left' => $left, 'top' => $top, 'width' => $tile, 'height' => $height];
            $left += $tile + $gap;
        }
        $top += max($heights) + $gap;
    }

    return $boxes;
}

$designs = [
    'three columns, 3:2, start' => [['columns' => 3, 'shape' => '3:2', 'gap' => 8, 'last_row' => 'start'], 11],
    'five columns, square, centred' => [['columns' => 5, 'shape' => '1:1', 'gap' => 13, 'last_row' => 'centre'], 13],
    'four columns, portrait, filled by three' => [['columns' => 4, 'shape' => '2:3', 'gap' => 0, 'last_row' => 'fill'], 7],
    'twelve columns, filled by one' => [['columns' => 12, 'shape' => '16:9', 'gap' => 3, 'last_row' => 'fill'], 13],
    'a shape of its own, filled by two' => [['columns' => 5, 'shape' => '5:7', 'gap' => 12, 'last_row' => 'fill'], 12],
    'gaps that leave no room' => [['columns' => 12, 'shape' => '1:1', 'gap' => 80, 'last_row' => 'start'], 25],
    'own shapes, filled by one' => [['columns' => 4, 'shape' => 'own', 'gap' => 20, 'last_row' => 'fill'], 9],
    'as many as fit at 120 px' => [['column_rule' => 'fit', 'tile_width' => 120, 'shape' => '4:3', 'gap' => 7, 'last_row' => 'centre'], 23],
    'as many as fit at 800 px, own shapes' => [['column_rule' => 'fit', 'tile_width' => 800, 'shape' => 'own', 'gap' => 80, 'last_row' => 'start'], 5],
    'one picture' => [['columns' => 1, 'shape' => '3:2', 'gap' => 8, 'last_row' => 'fill'], 1],
];

it('comes to the plain arithmetic at every whole width', function (array $settings, int $count): void {
    $design = LayoutDesign::fromArray($settings);
    $shapes = shapes($count);
    $arrangement = (new GridLayout($design, TileFrame::of(0, 0)))->arrange($shapes);
    $worst = 0.0;
    for ($w = Arrangement::NARROWEST; $w <= Arrangement::WIDEST; $w++) {
        $boxes = $arrangement->at($w)->boxes;
        $plain = plainGrid([...GalleryDesign::default()->toArray()['layout'], ...$settings], $shapes, $w);
        expect(count($boxes))->toBe(count($plain));
        foreach ($boxes as $i => $box) {
            foreach ($box->at($w) as $edge => $value) {
                $worst = max($worst, abs($value - $plain[$i][$edge]));
            }
        }
    }
    expect($worst)->toBeLessThan(TOLERANCE_PX);
})->with($designs);

it('leaves no hole between the bands and keeps every tile inside the width', function (array $settings, int $count): void {
    $bands = (new GridLayout(LayoutDesign::fromArray($settings), TileFrame::of(0, 0)))->arrange(shapes($count))->bands;
    expect($bands[0]->band->from)->toBe(0)->and(end($bands)->band->until)->toBeNull();
    foreach ($bands as $i => $band) {
        if ($i > 0) {
            expect($bands[$i - 1]->band->until)->toBe($band->band->from);
        }
        $w = max(240, $band->band->from);
        $bottom = 0.0;
        foreach ($band->boxes as $box) {
            expect($box->left->at($w))->toBeGreaterThanOrEqual(-TOLERANCE_PX)
                ->and($box->left->at($w) + $box->width->at($w))->toBeLessThanOrEqual($w + TOLERANCE_PX);
            $bottom = max($bottom, $box->top->at($w) + $box->height->at($w));
        }
        expect($band->height->at($w))->toEqualWithDelta($bottom, TOLERANCE_PX);
    }
})->with($designs);

it('takes a wished number of columns at its word from 600 px, and fewer below', function (): void {
    $arrangement = (new GridLayout(LayoutDesign::fromArray(['columns' => 6, 'gap' => 8]), TileFrame::of(0, 0)))->arrange(shapes(12));
    expect($arrangement->at(1120)->columns)->toBe(6)
        ->and($arrangement->at(600)->columns)->toBe(6)
        ->and($arrangement->at(599)->columns)->toBe(5)
        ->and($arrangement->at(354)->columns)->toBe(2)
        ->and($arrangement->at(240)->columns)->toBe(1);
});

it('arranges an empty gallery', function (): void {
    $band = (new GridLayout(LayoutDesign::fromArray([]), TileFrame::of(0, 0)))->arrange([])->at(1000);
    expect($band->boxes)->toHaveCount(0)->and($band->rows())->toBe(0)->and($band->height->at(1000))->toBe(0.0);
});
