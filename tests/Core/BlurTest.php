<?php

declare(strict_types=1);

use Tests\Core\FocalScenes;
use ZincPane\Core\Colour\Raster;
use ZincPane\Core\Cropping\Blur;
use ZincPane\Core\Cropping\FocalFinder;

covers(Blur::class, FocalFinder::class);

it('is the mean over each square, as adding up tells, whatever the radius', function (): void {
    $dice = dice(3);
    foreach ([[1, 1, 1], [7, 1, 2], [1, 9, 3], [6, 5, 1], [6, 5, 2], [6, 5, 9], [11, 8, 4]] as [$width, $height, $radius]) {
        $map = array_map(static fn (): float => $dice->getInt(0, 1000) / 1000, range(1, $width * $height));
        foreach (Blur::box($map, $width, $height, $radius) as $i => $mean) {
            $near = array_filter($map, static fn (int $k): bool => abs($k % $width - $i % $width) <= $radius && abs(intdiv($k, $width) - intdiv($i, $width)) <= $radius, ARRAY_FILTER_USE_KEY);
            expect($mean)->toEqualWithDelta(array_sum($near) / count($near), 1e-9);
        }
    }
    expect(Blur::halved([1.0, 3.0, 5.0, 2.0, 4.0, 6.0], 3, 2))->toBe([2.5, 5.5]);
});

it('says that it is unsure where all of a picture is alike, and sure where one thing stands out', function (): void {
    $dice = dice(5);
    $noise = Raster::of(96, 64, array_map(static fn (): int => $dice->getInt(0, 0xFFFFFF), range(1, 96 * 64)));
    expect(FocalFinder::find($noise)->isSure)->toBeFalse()->and(FocalFinder::find(Raster::of(9, 9, array_fill(0, 81, 0x446688)))->isSure)->toBeFalse();
    $sure = 0;
    for ($i = 0; $i < FocalScenes::COUNT; $i++) {
        $sure += (int) FocalFinder::find(FocalScenes::scene($i)[0])->isSure;
    }
    expect($sure)->toBeGreaterThan((int) (0.9 * FocalScenes::COUNT));
});

it('finds the same point in a picture and in its mirror image, mirrored', function (): void {
    for ($i = 0; $i < FocalScenes::COUNT; $i += 8) {
        [$raster] = FocalScenes::scene($i);
        $rows = array_map(array_reverse(...), array_chunk($raster->pixels, $raster->width));
        [$one, $other] = [FocalFinder::find($raster)->point, FocalFinder::find(Raster::of($raster->width, $raster->height, array_merge(...$rows)))->point];
        expect($other->x)->toEqualWithDelta(1 - $one->x, 0.03)->and($other->y)->toEqualWithDelta($one->y, 0.02);
    }
});
