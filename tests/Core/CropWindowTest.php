<?php

declare(strict_types=1);

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Geometry\Ratio;

covers(CropWindow::class, FocalPoint::class);

it('has the shape of the tile, lies inside the picture and holds the focal point', function (): void {
    foreach ([0.4, 0.667, 1.0, 1.5, 2.6] as $picture) {
        foreach ([0.5, 1.0, 1.333, 1.778, 3.0] as $tile) {
            foreach ([0.0, 0.13, 0.5, 0.9, 1.0] as $x) {
                foreach ([0.0, 0.31, 1.0] as $y) {
                    $w = CropWindow::cover(Ratio::of($picture, 1), Ratio::of($tile, 1), FocalPoint::of($x, $y));
                    expect($w->width * $picture / $w->height)->toEqualWithDelta($tile, 1e-9)
                        ->and(max($w->width, $w->height))->toEqualWithDelta(1.0, 1e-9)
                        ->and($w->left)->toBeGreaterThanOrEqual(0.0)->and($w->left + $w->width)->toBeLessThanOrEqual(1 + 1e-9)
                        ->and($w->top)->toBeGreaterThanOrEqual(0.0)->and($w->top + $w->height)->toBeLessThanOrEqual(1 + 1e-9)
                        ->and($x)->toBeGreaterThanOrEqual($w->left - 1e-9)->toBeLessThanOrEqual($w->left + $w->width + 1e-9)
                        ->and($y)->toBeGreaterThanOrEqual($w->top - 1e-9)->toBeLessThanOrEqual($w->top + $w->height + 1e-9);
                }
            }
        }
    }
});

it('tells the same place as object-position', function (): void {
    // A 3:2 picture in a square tile of 200 px is drawn 300 px wide; at p per cent it begins at -(300-200)·p/100.
    $window = CropWindow::cover(Ratio::of(3, 2), Ratio::of(1, 1), FocalPoint::of(0.9, 0.2));
    [$x, $y] = $window->objectPosition();
    expect((300 - 200) * $x / 100)->toEqualWithDelta($window->left * 300, 1e-9)->and($y)->toBe(50.0)
        ->and($window->lost())->toEqualWithDelta(1 / 3, 1e-9);
});

it('refuses a focal point outside the picture', function (float $x, float $y): void {
    expect(fn () => FocalPoint::of($x, $y))->toThrow(InvalidArgumentException::class, '0 to 1');
})->with(['left of it' => [-0.01, 0.5], 'below it' => [0.5, 1.01], 'nowhere' => [NAN, 0.5]]);
