<?php

declare(strict_types=1);

namespace Bench;

use Tests\Core\FocalScenes;
use ZincPane\Core\Cropping\FocalFinder;

/** Finding the focal point of one picture, its raster being there. */
final class FocalBench
{
    /**
     * @return array<string, int|float>
     */
    public static function run(): array
    {
        $scenes = [];
        for ($i = 0; $i < FocalScenes::COUNT; $i++) {
            $scenes[] = FocalScenes::scene($i);
        }
        $found = 0;
        $figures = Stopwatch::time(static function (int $run) use ($scenes, &$found): void {
            [$raster, [$left, $top, $right, $bottom]] = $scenes[$run % count($scenes)];
            $point = FocalFinder::find($raster)->point;
            $found += (int) ($point->x >= $left && $point->x <= $right && $point->y >= $top && $point->y <= $bottom);
        }, FocalScenes::COUNT - 1);

        return [...$figures, 'scenes' => count($scenes), 'found' => $found];
    }
}
