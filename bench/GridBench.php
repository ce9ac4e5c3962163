<?php

declare(strict_types=1);

namespace Bench;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\GridLayout;
use ZincPane\Core\Layout\TileFrame;

/** Arranging pictures over all bands: as many columns as fit at 120 px, which is twenty bands. */
final class GridBench
{
    /**
     * @return array<string, int|float>
     */
    public static function run(int $count): array
    {
        $shapes = [];
        for ($i = 0; $i < $count; $i++) {
            $shapes[] = Ratio::of([3, 2, 1, 16, 4][$i % 5], [2, 3, 1, 9, 3][$i % 5]);
        }
        $layout = new GridLayout(LayoutDesign::fromArray(['column_rule' => 'fit', 'tile_width' => 120, 'last_row' => 'centre']), TileFrame::of(0, 0));

        return [...Stopwatch::time(static fn (): object => $layout->arrange($shapes), 21), 'pictures' => $count, 'bands' => count($layout->arrange($shapes)->bands)];
    }
}
