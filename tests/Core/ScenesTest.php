<?php

declare(strict_types=1);

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Suggestions;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Measuring\Weights;

covers(Suggestions::class, Candidate::class);

// Twelve galleries, and what somebody who does this daily would take for each.

/** Tiles of a candidate on a wide page, px; and how many there are in each row. */
function tilesOf(Candidate $candidate): array
{
    return boxesAt($candidate->onWide[0]->band, $candidate->inner);
}

function inRows(Candidate $candidate): array
{
    $band = $candidate->onWide[0]->band;
    $starts = [...$band->rowStarts, count($band->boxes)];

    return array_map(static fn (int $start, int $end): int => $end - $start, array_slice($starts, 0, -1), array_slice($starts, 1));
}

/** Tiled rows that are full and whose heights lie within a range. */
function rowsOfHeight(float $least, float $most): Closure
{
    return static fn (Candidate $c): bool => $c->layout->kind->value === 'rows' && $c->wide->complete === $c->wide->rows
        && min(array_column(tilesOf($c), 'height')) >= $least && max(array_column(tilesOf($c), 'height')) <= $most;
}

/** Masonry of so many columns that end within a share of the height. */
function masonryOf(array $columns, float $apart): Closure
{
    return static fn (Candidate $c): bool => $c->layout->kind->value === 'masonry' && in_array($c->layout->columns, $columns, true) && $c->wide->uneven <= $apart;
}

function gridOf(array $columns, array $shapes, bool $isFull = true): Closure
{
    return static fn (Candidate $c): bool => $c->layout->kind->value === 'grid' && in_array($c->layout->columns, $columns, true) && in_array($c->layout->shape->value, $shapes, true)
        && (! $isFull || $c->wide->complete === $c->wide->rows);
}

$mosaic = static fn (Candidate $c): bool => $c->layout->kind->value === 'mosaic';
$single = static fn (float $most): Closure => static fn (Candidate $c): bool => $c->layout->kind->value === 'single' && max(array_column(tilesOf($c), 'height')) <= $most;
$oneRow = static fn (float $least, float $most): Closure => static fn (Candidate $c): bool => rowsOfHeight($least, $most)($c) && $c->wide->rows === 1;
$mixed = static fn (int $count): array => array_map(static fn (int $i): float => [1.5, 2 / 3, 4 / 3, 1.0, 1.5, 0.75][($i * 7 + intdiv($i, 5)) % 6], range(1, $count));
$wideTiles = static fn (Candidate $c): bool => in_array($c->layout->kind->value, ['rows', 'single', 'masonry'], true) && min(array_column(tilesOf($c), 'width')) >= 450
    || gridOf([2], ['own'])($c);

it('suggests first or second what somebody who does it daily would take', function (array $shapes, array $accepted): void {
    $subjects = array_map(static fn (float $shape): Subject => new Subject(Ratio::of($shape, 1), Size::of((int) round(3000 * $shape), 3000), FocalPoint::centre(), []), $shapes);
    $candidates = new Candidates(GalleryDesign::default(), $subjects, [], Viewport::wide(1120), Viewport::phone(350));
    $best = array_slice((new Suggestions($candidates, Weights::fromArray([])))->best(count($shapes)), 0, 2);
    $taken = array_filter($best, static fn (array $one): bool => array_filter($accepted, static fn (Closure $accepts): bool => $accepts($one['candidate'])) !== []);
    $told = array_map(static fn (array $one): string => $one['candidate']->layout->label().' '.json_encode($one['candidate']->part).' '.json_encode(array_map(static fn (array $tile): string => round($tile['width']).'x'.round($tile['height']), array_slice(tilesOf($one['candidate']), 0, 12))), $best);
    if ($taken === []) {
        fwrite(STDERR, implode("\n", $told)."\n");
    } expect($taken)->not->toBe([], implode("\n", $told));
})->with([
    'five mixed' => [[1.5, 2 / 3, 2 / 3, 1.5, 2 / 3], [static fn (Candidate $c): bool => rowsOfHeight(200, 540)($c) && $c->wide->rows <= 2, $mosaic, masonryOf([2, 3], 0.15)]],
    'eleven of one shape' => [array_fill(0, 11, 1.5), [rowsOfHeight(0, 9999), gridOf([4], ['3:2', '4:3', '1:1', '16:9', 'own']), $mosaic]],
    'twelve of one shape' => [array_fill(0, 12, 1.5), [gridOf([3, 4], ['3:2', 'own']), static fn (Candidate $c): bool => rowsOfHeight(0, 9999)($c) && array_unique(inRows($c)) === array_slice(inRows($c), 0, 1) && in_array(inRows($c)[0], [3, 4], true)]],
    'thirteen mixed' => [$mixed(13), [rowsOfHeight(0, 9999), $mosaic, masonryOf([2, 3, 4, 5], 0.1)]],
    'seven panoramas' => [array_fill(0, 7, 3.0), [$wideTiles]],
    'forty mixed' => [$mixed(40), [rowsOfHeight(150, 300), masonryOf([4, 5], 0.1), $mosaic]],
    'three mixed' => [[1.5, 2 / 3, 1.0], [$oneRow(280, 520), $mosaic]],
    'one' => [[1.5], [$single(760)]],
    'two' => [[2 / 3, 1.5], [$oneRow(0, 620), $single(9999)]],
    'ten portraits' => [array_fill(0, 10, 2 / 3), [gridOf([5], ['2:3', 'own']), static fn (Candidate $c): bool => rowsOfHeight(0, 9999)($c) && array_unique(inRows($c)) === [5], masonryOf([5], 0.1)]],
    'nine squares' => [array_fill(0, 9, 1.0), [gridOf([3], ['1:1', 'own']), static fn (Candidate $c): bool => $mosaic($c) && $c->wide->uneven >= 0.0]],
    'two hundred mixed' => [$mixed(200), [rowsOfHeight(120, 290), masonryOf([5, 6], 0.1), $mosaic]],
]);
