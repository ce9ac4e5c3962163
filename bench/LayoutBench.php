<?php

declare(strict_types=1);

namespace Bench;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\ColumnChoice;
use ZincPane\Core\Layout\RowBreaks;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Suggestions;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Measuring\Weights;

/** Arranging over all bands, the search for a layout, and how much better than the plain ways ours are. */
final class LayoutBench
{
    private const GALLERIES = 200;

    /**
     * @return array<string, int|float>
     */
    public static function arrange(string $kind, int $count): array
    {
        $shapes = Shapes::of($count);
        $layout = Arranger::layout(GalleryDesign::default()->with(['layout' => ['kind' => $kind, 'columns' => 5, 'last_row' => 'balance']]));

        return [...Stopwatch::time(static fn (): object => $layout->arrange($shapes), $count > 1000 ? 7 : 15), 'pictures' => $count, 'bands' => count($layout->arrange($shapes)->bands)];
    }

    /**
     * @return array<string, int|float>
     */
    public static function suggest(int $count): array
    {
        $subjects = Shapes::subjects($count);
        $search = static fn (): array => (new Suggestions(
            new Candidates(GalleryDesign::default(), $subjects, [], Viewport::wide(1120), Viewport::phone(354)), Weights::fromArray([]),
        ))->best($count);

        return [...Stopwatch::time($search, $count > 100 ? 7 : 15), 'pictures' => $count];
    }

    /**
     * How far apart the columns of a masonry end, of 300 px wide tiles: ours, and each tile into the shortest column.
     *
     * @return array<string, int|float>
     */
    public static function balance(): array
    {
        $ours = $shortest = 0.0;
        for ($i = 0; $i < self::GALLERIES; $i++) {
            $columns = 2 + $i % 5;
            $heights = array_map(static fn ($shape): float => 300 / $shape->value + 8, Shapes::of(8 + $i, $i));
            $choice = new ColumnChoice($columns);
            $ends = array_fill(0, $columns, 0.0);
            foreach ($choice->best($heights) as $tile => $column) {
                $ends[$column] += $heights[$tile];
            }
            $ours += ColumnChoice::apart($ends);
            $shortest += ColumnChoice::apart($choice->shortest($heights)[1]);
        }

        return ['galleries' => self::GALLERIES, 'mean_px' => round($ours / self::GALLERIES, 1), 'shortest_mean_px' => round($shortest / self::GALLERIES, 1), 'ratio' => round($ours / $shortest, 3)];
    }

    /**
     * What the breaks of tiled rows cost: ours, and row by row.
     *
     * @return array<string, int|float>
     */
    public static function tiledCost(): array
    {
        $ours = $greedy = 0.0;
        for ($i = 0; $i < self::GALLERIES; $i++) {
            $ratios = array_map(static fn ($shape): float => $shape->value, Shapes::of(6 + $i, $i));
            $width = (float) (300 + 11 * $i);
            $lastRow = LastRow::cases()[$i % 4];
            $costs = new RowCosts(220, 8, $lastRow);
            $ours += $costs->of($ratios, (new RowBreaks(220, 8, $lastRow))->best($ratios, $width), $width);
            $greedy += $costs->of($ratios, $costs->rowByRow($ratios, $width), $width);
        }

        return ['galleries' => self::GALLERIES, 'mean_cost' => round($ours / self::GALLERIES, 4), 'greedy_mean_cost' => round($greedy / self::GALLERIES, 4), 'ratio' => round($ours / $greedy, 3)];
    }
}
