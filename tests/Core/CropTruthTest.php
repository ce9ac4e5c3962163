<?php

declare(strict_types=1);

use Random\Randomizer;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Snags\HeavyFirstView;
use ZincPane\Core\Snags\Holes;
use ZincPane\Core\Snags\LayoutSnags;
use ZincPane\Core\Snags\LostFocalArea;
use ZincPane\Core\Snags\MuchCropped;
use ZincPane\Core\Snags\PortraitsHalved;

covers(LostFocalArea::class, MuchCropped::class, PortraitsHalved::class, Holes::class, HeavyFirstView::class);

// What is cut off, left empty and weighs is found again from the boxes, by other arithmetic than the rules'.

/** Pictures of which every file weighs the same, so that no model is needed to tell what a view weighs. */
function evenlyWeighed(Randomizer $dice, int $count): array
{
    $set = [[1.5, 0.667, 1.333, 1.0], [0.667, 0.75, 0.8], [1.5], [2.4, 0.5, 1.0], [0.667, 1.5], [7.0, 0.2, 1.0]][$dice->getInt(0, 5)];
    $bytes = [9_000, 60_000, 140_000][$dice->getInt(0, 2)];

    return array_map(static function () use ($dice, $set, $bytes): Subject {
        $ratio = Ratio::of($set[$dice->getInt(0, count($set) - 1)], 1);

        return new Subject($ratio, Size::of(4000, (int) round(4000 / $ratio->value)), FocalPoint::of($dice->getInt(2, 98) / 100, $dice->getInt(2, 98) / 100), array_fill_keys([160, 360, 540, 810, 1215, 1620, 2160, 2880, 4000], $bytes));
    }, range(1, $count));
}

/** Of each picture in one view: the share that is cut off, whether the square around the focal point is cut into, and whether it begins in the window. */
function seenIn(Candidate $candidate, array $subjects, array $layout, bool $onPhone): array
{
    [$parts, $inner, $window] = $onPhone ? [$candidate->onPhone, 354.0, 844] : [$candidate->onWide, 1120.0, 800];
    $isCropped = (($layout['kind'] === 'grid' && $layout['shape'] !== 'own') || $layout['kind'] === 'strip') && $layout['object_fit'] === 'cover';
    $seen = [];
    foreach ($parts as $part) {
        foreach ($part->pictures() as $place => $box) {
            ['left' => $left, 'top' => $top, 'width' => $width, 'height' => $height] = $box->at($inner);
            $ratio = $subjects[$place]->ratio->value;
            // Half of a fifth of the shorter side.
            [$across, $down] = [0.1 * min(1, 1 / $ratio), 0.1 * min(1, $ratio)];
            $focal = $subjects[$place]->focal;
            $harmed = false;
            foreach ($isCropped ? [[-1, -1], [1, -1], [-1, 1], [1, 1]] : [] as [$x, $y]) {
                $harmed = $harmed || ! inView($subjects[$place], $width, $height, min(1, max(0, $focal->x + $x * $across)), min(1, max(0, $focal->y + $y * $down)));
            }
            // A picture that covers its tile is drawn larger than it by the greater of the two sides.
            $drawn = $isCropped ? max($width, $height * $ratio) : $width;
            $seen[$place] = ['lost' => $isCropped ? 1 - ($width * $height) / ($drawn * $drawn / $ratio) : 0.0, 'lies' => $width / $height > $ratio, 'harmed' => $harmed, 'first' => $part->top + $top < $window && $left < $inner];
        }
    }

    return $seen;
}

/** @return list<string> codes of the rules that should speak */
function cutEmptyOrHeavy(Candidate $candidate, array $subjects, array $layout): array
{
    [$wide, $phone] = [seenIn($candidate, $subjects, $layout, false), seenIn($candidate, $subjects, $layout, true)];
    $both = [...$wide, ...$phone];
    $codes = [];
    $bytes = array_values($subjects[0]->files)[0];
    max(array_map(static fn (array $view): int => $bytes * count(array_filter(array_column($view, 'first'))), [$wide, $phone])) > 1_000_000 ? $codes[] = 'heavy-first-view' : null;
    $holes = 0.0;
    $room = 0.0;
    foreach ($candidate->onWide as $part) {
        $rows = [];
        foreach ($part->band->boxes as $box) {
            $at = $box->at(1120.0);
            $rows[(string) round($at['top'], 2)][] = $at;
        }
        foreach ($rows as $row) {
            $tallest = max(array_column($row, 'height'));
            foreach ($row as $at) {
                $holes += $at['width'] * ($tallest - $at['height']);
                $room += $at['width'] * $tallest;
            }
        }
    }
    $layout['kind'] === 'grid' && $layout['shape'] === 'own' && $candidate->onWide[0]->band->columns > 1 && $holes / $room > 0.3 ? $codes[] = 'holes' : null;
    in_array(true, array_column($both, 'harmed'), true) ? $codes[] = 'lost-focal-area' : null;
    max(array_column($both, 'lost')) > 0.5 ? $codes[] = 'much-cropped' : null;
    $portraits = array_filter($wide, static fn (int $place): bool => $subjects[$place]->ratio->value < 0.85, ARRAY_FILTER_USE_KEY);
    $halved = count(array_filter($portraits, static fn (array $one): bool => $one['lies'] && $one['lost'] > 0.45));
    $halved >= 3 && $halved > count($portraits) / 2 ? $codes[] = 'portraits-halved' : null;

    return $codes;
}

it('tells what is cut, empty or heavy where it is and nowhere else, and mends it, in 1,200 galleries', function (): void {
    $judged = ['heavy-first-view', 'holes', 'lost-focal-area', 'much-cropped', 'portraits-halved'];
    $dice = dice(141);
    $times = array_fill_keys($judged, 0);
    for ($trial = 0; $trial < trials(1200, 240); $trial++) {
        $subjects = evenlyWeighed($dice, [1, 3, 5, 8, 12, 20, 36][$dice->getInt(0, 6)]);
        $layout = [
            'kind' => ['grid', 'grid', 'grid', 'strip', 'masonry', 'rows'][$dice->getInt(0, 5)], 'columns' => $dice->getInt(2, 6), 'shape' => ['1:1', '3:2', '2:3', '16:9', '1:3', '1:5', '5:1', 'own', 'own'][$dice->getInt(0, 8)],
            'object_fit' => ['cover', 'cover', 'contain'][$dice->getInt(0, 2)], 'height' => $dice->getInt(200, 600), 'gap' => $dice->getInt(0, 24), 'last_row' => ['start', 'centre', 'fill', 'balance'][$dice->getInt(0, 3)],
        ];
        $look = static function (array $part) use ($subjects, $layout): array {
            $candidates = new Candidates(GalleryDesign::default()->with(['layout' => $layout])->with(['layout' => $part]), $subjects, [], Viewport::wide(1120), Viewport::phone(354));

            return [(new LayoutSnags($candidates, $subjects))->of($candidates->of([])), $candidates->of([])];
        };
        [$snags, $candidate] = $look([]);
        $found = array_map(static fn ($snag): string => $snag->code, $snags);
        $known = array_values(array_intersect($found, $judged));
        sort($known);
        expect($known)->toBe(cutEmptyOrHeavy($candidate, $subjects, $layout), json_encode($layout).' with '.count($subjects));
        foreach ($snags as $snag) {
            isset($times[$snag->code]) ? $times[$snag->code]++ : null;
            foreach ($trial % 8 === 0 ? $snag->mends : [] as $mend) {
                $left = array_map(static fn ($one): string => $one->code, $look($mend->part)[0]);
                expect($left)->not->toContain($snag->code)->and(array_diff($left, $found))->toBe([], "{$mend->label} for {$snag->code}");
            }
        }
    }
    expect(min($times))->toBeGreaterThanOrEqual(trials(6, 1), json_encode($times));
});
