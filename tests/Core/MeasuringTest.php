<?php

declare(strict_types=1);

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Delivery\WeightModel;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Geometry\WidthBand;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\TileFrame;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Measurer;
use ZincPane\Core\Measuring\Measures;
use ZincPane\Core\Measuring\Reasons;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Suggestions;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Measuring\Weights;

covers(Measurer::class, Measures::class, Candidates::class, Suggestions::class, Reasons::class, Weights::class, WeightModel::class);

/**
 * @return list<Subject> pictures with a file at every step of the ladder, now and then a text among them
 */
function subjects(int $count, int $seed, bool $texts = false): array
{
    $dice = dice($seed);
    $subjects = [];
    for ($i = 0; $i < $count; $i++) {
        $ratio = [1.5, 0.667, 1.333, 1.0, 1.778, 2.4][$dice->getInt(0, 5)];
        $size = Size::of((int) round(3000 * $ratio), 3000);
        $files = [];
        foreach (RenditionPlan::LADDER as $step) {
            $files[$step] = 50 * $step + $dice->getInt(0, 999);
        }
        $isText = $texts && $dice->getInt(0, 4) === 0;
        $subjects[] = new Subject(Ratio::of($ratio, 1), $isText ? null : $size, FocalPoint::of($dice->getInt(0, 100) / 100, $dice->getInt(0, 100) / 100), $isText ? [] : $files);
    }

    return $subjects;
}

function candidatesOf(array $subjects, ?GalleryDesign $design = null): Candidates
{
    return new Candidates($design ?? GalleryDesign::default(), $subjects, [], Viewport::wide(1120), Viewport::phone(354));
}

it('measures a crop as counting the points of the pictures does', function (string $shape, int $columns): void {
    $subjects = subjects(14, 7);
    $measures = candidatesOf($subjects)->of(['kind' => 'grid', 'columns' => $columns, 'shape' => $shape, 'gap' => 10])->wide;
    $width = (1120 - ($columns - 1) * 10) / $columns;
    [$w, $h] = array_map(intval(...), explode(':', $shape));
    $height = $width * $h / $w;
    $lost = [];
    $harmed = 0;
    foreach ($subjects as $subject) {
        $seen = 0;
        for ($x = 0; $x < 60; $x++) {
            for ($y = 0; $y < 60; $y++) {
                $seen += (int) inView($subject, $width, $height, ($x + 0.5) / 60, ($y + 0.5) / 60);
            }
        }
        $lost[] = 1 - $seen / 3600;
        $across = 0.1 * min(1, 1 / $subject->ratio->value);
        $down = 0.1 * min(1, $subject->ratio->value);
        $corners = array_map(
            static fn (array $way): bool => inView($subject, $width, $height, min(1, max(0, $subject->focal->x + $way[0] * $across)), min(1, max(0, $subject->focal->y + $way[1] * $down))),
            [[-1, -1], [1, -1], [-1, 1], [1, 1]],
        );
        $harmed += (int) in_array(false, $corners, true);
    }
    expect($measures->crop)->toEqualWithDelta(array_sum($lost) / 14, 0.01)
        ->and($measures->worstCrop)->toEqualWithDelta(max($lost), 0.02)
        ->and($lost[$measures->worstPicture])->toEqualWithDelta(max($lost), 0.02)
        ->and($measures->harmed)->toBe($harmed);
})->with([['1:1', 4], ['16:9', 3], ['2:3', 5], ['3:2', 2]]);

it('calls a focal area cut where less is kept than a fifth of the shorter side around it', function (float $ratio, float $shape, bool $isCut): void {
    // In the middle of a picture, kept is a strip of its own; the area is a tenth of the shorter side to each way.
    $band = new BandArrangement(new WidthBand(0, null), 1, new Boxes([Linear::px(0)], [Linear::px(0)], [Linear::px(600)], [Linear::px(600 / $shape)]), Linear::px(600 / $shape), [0], TileFrame::of(0, 0));
    $layout = GalleryDesign::default()->with(['layout' => ['kind' => 'grid', 'shape' => '1:1']])->layout;
    $measures = (new Measurer([new Subject(Ratio::of($ratio, 1), Size::of((int) (1000 * $ratio), 1000), FocalPoint::centre(), [])]))->measure($band, $layout, Viewport::wide(600));
    expect($measures->harmed)->toBe((int) $isCut)->and($measures->crop)->toEqualWithDelta(1 - min($shape / $ratio, $ratio / $shape), 1e-6);
})->with([
    'wide picture, narrow tile' => [2.0, 0.19, true], 'wide picture, less narrow' => [2.0, 0.21, false],
    'high picture, narrow tile' => [0.5, 0.09, true], 'high picture, less narrow' => [0.5, 0.11, false],
    'high picture, flat tile' => [0.5, 5.1, true], 'high picture, less flat' => [0.5, 4.9, false],
    'wide picture, flat tile' => [2.0, 10.5, true], 'wide picture, less flat' => [2.0, 9.5, false],
]);

it('measures pictures, and not what is around them', function (): void {
    // Two tiles of 300 x 250 beside each other, one of a square picture and one of a wide one; 10 px around each, 30 more below.
    $px = static fn (float ...$all): array => array_map(Linear::px(...), $all);
    $band = new BandArrangement(new WidthBand(0, null), 2, new Boxes($px(0, 320), $px(0, 0), $px(300, 300), $px(250, 250)), Linear::px(500), [0], TileFrame::of(10, 30));
    $layout = GalleryDesign::default()->with(['layout' => ['kind' => 'grid', 'shape' => '1:1']])->layout;
    $files = array_combine(RenditionPlan::LADDER, array_map(static fn (int $step): int => 100 * $step, RenditionPlan::LADDER));
    $enough = static fn (int $px): int => 100 * min(array_filter(RenditionPlan::LADDER, static fn (int $step): bool => $step >= $px));
    $subjects = array_map(static fn (float $ratio): Subject => new Subject(Ratio::of($ratio, 1), Size::of((int) (3000 * $ratio), 3000), FocalPoint::centre(), $files), [1.0, 2.0]);
    $measures = (new Measurer($subjects))->measure($band, $layout, new Viewport(640.0, 800, 600, 1));
    // 280 x 200: of the square 5 sevenths are left, of the wide one 7 tenths; that one is drawn 400 px wide to be high enough.
    expect([$measures->smallest, $measures->largest])->toBe([200, 280])
        ->and($measures->crop)->toEqualWithDelta((2 / 7 + 0.3) / 2, 1e-9)->and($measures->worstPicture)->toBe(1)->and($measures->worstCrop)->toEqualWithDelta(0.3, 1e-9)
        ->and($measures->used)->toEqualWithDelta(2 * 300 * 250 / (640 * 500), 1e-9)->and($measures->span)->toEqualWithDelta(620 / 800, 1e-9)
        ->and([$measures->allBytes, $measures->firstBytes, $measures->height])->toBe([$enough(280) + $enough(400), $enough(280) + $enough(400), 500]);
});

it('measures what tiles cover, how far they reach and how large they are, as counting px does', function (array $layout): void {
    $subjects = subjects(13, 3, true);
    $candidate = candidatesOf($subjects, designOf($layout))->of([]);
    foreach ([[$candidate->wide, 1120.0, 1280, 800], [$candidate->phone, 354.0, 390, 844]] as [$measures, $inner, $window, $screen]) {
        $band = ($inner > 600 ? $candidate->onWide : $candidate->onPhone)[0]->band;
        $places = array_map(static fn ($box): array => $box->at($inner), iterator_to_array($band->boxes));
        $height = $band->height->at($inner);
        $covered = 0;
        for ($x = 0; $x < 30; $x++) {
            for ($y = 0; $y < 300; $y++) {
                [$left, $top] = [$inner * ($x + 0.5) / 30, $height * ($y + 0.5) / 300];
                $covered += (int) (array_filter($places, static fn (array $place): bool => $left >= $place['left'] && $left < $place['left'] + $place['width'] && $top >= $place['top'] && $top < $place['top'] + $place['height']) !== []);
            }
        }
        $below = designOf($layout)->finish->belowPicture();
        expect($measures->used)->toEqualWithDelta($covered / 9000, 0.025)
            ->and($measures->height)->toBe((int) round($height))->and($measures->screens)->toEqualWithDelta($height / $screen, 1e-9)
            ->and($measures->span)->toEqualWithDelta((max(array_map(static fn (array $place): float => $place['left'] + $place['width'], $places)) - min(array_column($places, 'left'))) / $window, 1e-6)
            ->and($measures->smallest)->toBe((int) round(min(array_map(static fn (array $place): float => min($place['width'], $place['height'] - $below), $places))))
            ->and($measures->largest)->toBe((int) round(max(array_map(static fn (array $place): float => max($place['width'], $place['height'] - $below), $places))));
    }
})->with([
    'grid with captions' => [['kind' => 'grid', 'columns' => 4, 'caption_lines' => 2, 'gap' => 20]],
    'masonry' => [['kind' => 'masonry', 'columns' => 3, 'gap' => 30]],
    'tiled rows' => [['kind' => 'rows', 'last_row' => 'start', 'caption_lines' => 1]],
    'mosaic' => [['kind' => 'mosaic', 'gap' => 16]],
    'one per row' => [['kind' => 'single']],
]);

it('weighs the very files that a browser of that density fetches', function (array $layout): void {
    $subjects = subjects(15, 11, true);
    $candidate = candidatesOf($subjects, designOf($layout))->of([]);
    foreach ([[$candidate->wide, 1120.0, 1, 800], [$candidate->phone, 354.0, 3, 844]] as [$measures, $inner, $density, $screen]) {
        $all = $first = $count = $firstCount = 0;
        foreach (($inner > 600 ? $candidate->onWide : $candidate->onPhone)[0]->band->boxes as $i => $box) {
            if ($subjects[$i]->size === null) {
                continue;
            }
            $place = $box->at($inner);
            $isCropped = $candidate->layout->sharedShape() !== null;
            $drawn = $isCropped ? max($place['width'], ($place['height'] - designOf($layout)->finish->belowPicture()) * $subjects[$i]->ratio->value) : $place['width'];
            $enough = array_filter($subjects[$i]->files, static fn (int $bytes, int $width): bool => $width >= $drawn * $density - 0.5 && $width <= $subjects[$i]->size->width, ARRAY_FILTER_USE_BOTH);
            $bytes = reset($enough);
            $all += $bytes;
            $count++;
            if ($place['top'] < $screen) {
                $first += $bytes;
                $firstCount++;
            }
        }
        expect([$measures->allBytes, $measures->allRequests, $measures->firstBytes, $measures->firstRequests])->toBe([$all, $count, $first, $firstCount]);
    }
})->with([
    'grid' => [['kind' => 'grid', 'columns' => 4, 'shape' => '2:3', 'caption_lines' => 1]],
    'tiled rows' => [['kind' => 'rows', 'row_height' => 180]],
    'masonry' => [['kind' => 'masonry', 'columns' => 3]],
]);

it('counts rows that are complete as plain division does', function (): void {
    for ($count = 1; $count <= 30; $count++) {
        foreach ([2, 3, 5] as $columns) {
            $grid = fn (string $last): Measures => candidatesOf(subjects($count, 1))->of(['kind' => 'grid', 'columns' => $columns, 'last_row' => $last])->wide;
            $over = $count % $columns;
            expect([$grid('start')->rows, $grid('start')->complete, $grid('start')->inLastRow])->toBe([(int) ceil($count / $columns), intdiv($count, $columns), $over === 0 ? $columns : $over])
                ->and($grid('balance')->complete)->toBe($grid('balance')->rows);
        }
    }
});

it('calls columns level by how far their ends are apart, an empty one too', function (): void {
    $masonry = static fn (int $count, int $columns): Measures => candidatesOf(array_fill(0, $count, new Subject(Ratio::of(1, 1), Size::of(900, 900), FocalPoint::centre(), [])))->of(['kind' => 'masonry', 'columns' => $columns, 'gap' => 0])->wide;
    $told = static fn (Measures $measures): array => [$measures->rows, $measures->complete, round($measures->uneven, 3)];
    expect($told($masonry(0, 4)))->toBe([0, 0, 0.0])->and($told($masonry(4, 4)))->toBe([4, 4, 0.0])->and($told($masonry(2, 4)))->toBe([4, 2, 1.0])
        ->and($told($masonry(6, 4)))->toBe([4, 2, 0.5])->and($told($masonry(8, 4)))->toBe([4, 4, 0.0]);
});

it('takes several sections as one gallery', function (): void {
    $parts = array_map(static fn (int $seed): Measures => candidatesOf(subjects(9, $seed, true))->of(['kind' => 'grid', 'columns' => 4, 'shape' => '16:9'])->wide, [1, 2, 3]);
    $whole = Measures::together($parts);
    $worst = array_search(max(array_column($parts, 'worstCrop')), array_column($parts, 'worstCrop'), true);
    expect($whole->worstPicture)->toBe(9 * $worst + $parts[$worst]->worstPicture)
        ->and($whole->rows)->toBe(9)->and($whole->height)->toBe(array_sum(array_column($parts, 'height')))
        ->and($whole->allBytes)->toBe(array_sum(array_column($parts, 'allBytes')))
        ->and($whole->crop)->toEqualWithDelta(array_sum(array_map(static fn (Measures $part): float => $part->crop * $part->allRequests, $parts)) / $whole->allRequests, 1e-9);
});

it('suggests the best of different kinds, none of which anything tried by hand beats', function (array $weights): void {
    $candidates = candidatesOf(subjects(17, 23));
    $weights = Weights::fromArray([...array_fill_keys(array_keys(Weights::DEFAULTS), 0), ...$weights]);
    $best = (new Suggestions($candidates, $weights))->best(17, 9);
    $kinds = array_map(static fn (array $each): string => $each['candidate']->layout->kind->value, $best);
    $scores = array_column($best, 'score');
    $sorted = $scores;
    rsort($sorted);
    expect($kinds)->toBe(array_unique($kinds))->and(count($kinds))->toBe(5)->and((new Suggestions($candidates, $weights))->best(17))->toHaveCount(4)->and($scores)->toBe($sorted)->and(min($scores))->toBeGreaterThanOrEqual(0.0)->and(max($scores))->toBeLessThanOrEqual(1.0);
    $byKind = array_combine($kinds, $scores);
    $dice = dice(2);
    for ($trial = 0; $trial < 60; $trial++) {
        $part = match ($dice->getInt(0, 3)) {
            0 => ['kind' => 'grid', 'column_rule' => 'count', 'columns' => $dice->getInt(2, 6), 'shape' => ['1:1', '4:3', '3:2', '2:3', 'own'][$dice->getInt(0, 4)], 'last_row' => ['start', 'fill', 'balance'][$dice->getInt(0, 2)]],
            1 => ['kind' => 'masonry', 'column_rule' => 'count', 'columns' => $dice->getInt(2, 6)],
            2 => ['kind' => 'rows', 'row_height' => [150, 190, 230, 280, 340][$dice->getInt(0, 4)], 'last_row' => ['fill', 'balance'][$dice->getInt(0, 1)]],
            default => ['kind' => 'mosaic', 'row_height' => [150, 190, 240][$dice->getInt(0, 2)]],
        };
        expect($weights->score($candidates->of($part)->qualities()))->toBeLessThanOrEqual($byKind[$part['kind']] + 1e-9);
    }
})->with(['complete rows' => [['complete' => 10]], 'little crop' => [['crop' => 10]], 'even' => [['even' => 10]], 'good on a phone' => [['phone' => 10]], 'light' => [['light' => 10]], 'some of each' => [Weights::DEFAULTS]]);

it('finds nothing cropped where little crop alone counts, and every row complete where that does', function (): void {
    $only = static fn (string $quality): array => (new Suggestions(candidatesOf(subjects(12, 5)), Weights::fromArray([...array_fill_keys(array_keys(Weights::DEFAULTS), 0), $quality => 10])))->best(12)[0]['candidate']->wide->toArray();
    expect($only('crop')['worst_crop'])->toBe(0.0)->and($only('complete')['complete'])->toBe($only('complete')['rows']);
});

it('says why a layout is good', function (int $count, array $layout, string $reason): void {
    expect(Reasons::of(candidatesOf(subjects($count, 4))->of(['kind' => 'grid', ...$layout]), $count))->toStartWith($reason);
})->with([
    [11, ['columns' => 4], '2 of 3 rows are complete'],
    [12, ['columns' => 4], '12 pictures fill 4 columns exactly'],
    [11, ['columns' => 4, 'last_row' => 'balance'], 'All 3 rows are complete'],
    [3, ['columns' => 4], 'All in one row'],
    [12, ['columns' => 4, 'shape' => 'own'], '12 pictures fill 4 columns exactly; nothing is cropped'],
]);

it('offers a grid that leaves no row short, the wider tiles first, where there is one', function (): void {
    foreach (range(1, 30) as $count) {
        $even = array_values(array_filter([4, 3, 5, 6], static fn (int $columns): bool => $count % $columns === 0));
        $grid = array_values(array_filter(candidatesOf(subjects($count, 1))->alternatives(), static fn ($one): bool => ($one->part['shape'] ?? '') === '1:1'))[0]->part;
        expect($grid['columns'])->toBe($even[0] ?? 4)->and($grid['last_row'])->toBe($even === [] ? 'balance' : 'start');
    }
});

it('refuses weights that cannot be', function (mixed $weights, string $field): void {
    expect(fn () => Weights::fromArray($weights))->toThrow(ZincPane\Core\Settings\SettingException::class, $field);
})->with([[['crop' => 11], 'weights.crop'], [['crop' => -1], 'weights.crop'], [['beauty' => 3], '"beauty" is not a setting of weights'], ['much', 'weights']]);

it('predicts the weight of a file that is not there from those that are, the wider the heavier', function (): void {
    $size = Size::of(6000, 4000);
    $files = [240 => 9_000, 1215 => 150_000];
    expect(WeightModel::bytes($files, $size, 1215))->toBe(150_000.0);
    $power = log(150_000 / 9_000) / log(1215 / 240);
    $last = 0.0;
    foreach ([160, 200, 240, 300, 360, 441, 1100, 1300, 2000] as $width) {
        $bytes = WeightModel::bytes($files, $size, $width);
        // Between two files by the power between them; beyond, halfway to the usual one.
        $expected = match (true) {
            $width < 240 => 9_000 * ($width / 240) ** (($power + 1.63) / 2),
            $width > 1215 => 150_000 * ($width / 1215) ** (($power + 1.63) / 2),
            default => 9_000 * ($width / 240) ** $power,
        };
        expect($bytes)->toBeGreaterThan($last)->toEqualWithDelta($expected, 1.0);
        $last = $bytes;
    }
    expect(WeightModel::bytes([540 => 30_000], $size, 1080))->toEqualWithDelta(30_000 * 2 ** 1.63, 1.0)
        ->and(WeightModel::bytes([], $size, 540))->toBeGreaterThan(5_000.0)->toBeLessThan(60_000.0);
});
