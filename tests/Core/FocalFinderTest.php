<?php

declare(strict_types=1);

use Tests\Core\FocalScenes;
use ZincPane\Core\Colour\Raster;
use ZincPane\Core\Cropping\FocalFinder;

covers(FocalFinder::class);

it('finds a point inside the subject in at least 85 of 100 scenes, where the centre is in fewer than 40', function (): void {
    $found = $centre = 0;
    for ($i = 0; $i < FocalScenes::COUNT; $i++) {
        [$raster, [$left, $top, $right, $bottom]] = FocalScenes::scene($i);
        $inside = static fn (float $x, float $y): int => (int) ($x >= $left && $x <= $right && $y >= $top && $y <= $bottom);
        $point = FocalFinder::find($raster)->point;
        $found += $inside($point->x, $point->y);
        $centre += $inside(0.5, 0.5);
    }
    fwrite(STDERR, sprintf("\n  focal point inside the subject: %d of %d; always the centre: %d\n", $found, FocalScenes::COUNT, $centre));
    expect($found)->toBeGreaterThanOrEqual((int) ceil(0.85 * FocalScenes::COUNT))
        ->and($centre)->toBeLessThan((int) (0.4 * FocalScenes::COUNT));
});

it('stays in the middle where there is nothing to see, whatever the shape', function (int $width, int $height): void {
    $point = FocalFinder::find(Raster::of($width, $height, array_fill(0, $width * $height, 0x7799AA)))->point;
    expect($point->x)->toEqualWithDelta(0.5, 0.01)->and($point->y)->toEqualWithDelta(0.5, 0.01);
})->with(['one px' => [1, 1], 'a line' => [96, 1], 'a column' => [1, 96], 'a page' => [64, 96]]);
