<?php

declare(strict_types=1);

use ZincPane\Core\Colour\LookAlikes;
use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Colour\Raster;

covers(Oklab::class, Palette::class, PerceptualHash::class, LookAlikes::class, Raster::class);

/** A real picture of the demo, made small; optionally spoiled a little. */
function rasterOf(string $file, ?callable $change = null): Raster
{
    static $known = [];
    $image = $known[$file] ??= imagescale(imagecreatefromjpeg(__DIR__."/../../database/demo/pictures/{$file}"), 480, -1, IMG_BICUBIC);
    $copy = imagecrop($image, ['x' => 0, 'y' => 0, 'width' => imagesx($image), 'height' => imagesy($image)]);
    $copy = $change === null ? $copy : $change($copy);
    $copy = imagescale($copy, (int) (96 * min(1, imagesx($copy) / imagesy($copy))), -1, IMG_BICUBIC);
    $pixels = [];
    for ($y = 0; $y < imagesy($copy); $y++) {
        for ($x = 0; $x < imagesx($copy); $x++) {
            $pixels[] = imagecolorat($copy, $x, $y) & 0xFFFFFF;
        }
    }

    return Raster::of(imagesx($copy), imagesy($copy), $pixels);
}

it('knows colours by the numbers that were published with the formula', function (int $rgb, float $l, float $a, float $b): void {
    $colour = Oklab::fromRgb($rgb);
    expect($colour->l)->toEqualWithDelta($l, 0.001)->and($colour->a)->toEqualWithDelta($a, 0.001)->and($colour->b)->toEqualWithDelta($b, 0.001);
})->with([
    'white' => [0xFFFFFF, 1.0, 0.0, 0.0],
    'black' => [0x000000, 0.0, 0.0, 0.0],
    'red' => [0xFF0000, 0.628, 0.2249, 0.1258],
    'green' => [0x00FF00, 0.8664, -0.2339, 0.1795],
    'blue' => [0x0000FF, 0.452, -0.0325, -0.3115],
]);

it('comes back to the colour it went out from', function (): void {
    for ($rgb = 0; $rgb <= 0xFFFFFF; $rgb += 4099) {
        expect(Oklab::fromRgb($rgb)->toRgb())->toBe($rgb);
    }
    expect(Oklab::fromRgb(0xEDBE3F)->toHex())->toBe('#edbe3f');
});

it('finds the colours a picture was painted with, small ones too', function (): void {
    $pixels = array_fill(0, 96 * 60, 0x8FB8D8);
    foreach ($pixels as $i => $_) {
        $pixels[$i] = match (true) {
            intdiv($i, 96) > 40 => 0x4F7040,
            $i % 96 > 80 && intdiv($i, 96) < 8 => 0xD0402C,
            default => 0x8FB8D8,
        };
    }
    $palette = Palette::of(Raster::of(96, 60, $pixels));
    expect($palette->swatches)->toHaveCount(3)
        ->and(array_sum(array_map(static fn ($swatch): float => $swatch->share, $palette->swatches)))->toEqualWithDelta(1.0, 1e-9)
        ->and($palette->swatches[0]->colour->distance(Oklab::fromRgb(0x8FB8D8)))->toBeLessThan(0.03)
        ->and($palette->swatches[2]->colour->distance(Oklab::fromRgb(0xD0402C)))->toBeLessThan(0.03)
        ->and(Palette::fromArray($palette->toArray())->main()->distance($palette->main()))->toBeLessThan(0.001);
});

it('tells near-duplicates from all other pictures of the demo', function (): void {
    $files = array_map(basename(...), glob(__DIR__.'/../../database/demo/pictures/*.jpg'));
    $pairs = (new LookAlikes(array_map(static fn (string $file): PerceptualHash => PerceptualHash::of(rasterOf($file)), $files)))->pairs(PerceptualHash::ALIKE);
    $named = [];
    foreach ($pairs as $i => $others) {
        foreach (array_keys($others) as $j) {
            $named[] = "{$files[$i]} {$files[$j]}";
        }
    }
    sort($named);
    expect($named)->toBe(['two-deltas-at-noon-2.jpg two-deltas-at-noon.jpg', 'two-deltas-at-noon.jpg two-deltas-at-noon-2.jpg']);
});

it('knows a picture again that was made smaller, lighter or a little smaller at the edge', function (string $file): void {
    $look = PerceptualHash::of(rasterOf($file));
    $alike = static fn (callable $change): int => array_values((new LookAlikes([PerceptualHash::of(rasterOf($file, $change))]))->near($look, 64))[0];
    expect($alike(static fn (GdImage $image) => imagescale($image, 250, -1, IMG_BICUBIC)))->toBeLessThanOrEqual(PerceptualHash::ALIKE)
        ->and($alike(static function (GdImage $image): GdImage {
            imagefilter($image, IMG_FILTER_BRIGHTNESS, 25);

            return $image;
        }))->toBeLessThanOrEqual(PerceptualHash::ALIKE)
        ->and($alike(static fn (GdImage $image) => imagecrop($image, ['x' => 4, 'y' => 4, 'width' => imagesx($image) - 8, 'height' => imagesy($image) - 8])))->toBeLessThanOrEqual(PerceptualHash::ALIKE);
})->with(['crowd-on-the-dyke.jpg', 'reels.jpg', 'lit-kites.jpg', 'bird-navy.jpg']);

it('knows the mirror image of a picture again, and a copy in black and white, and no other picture of the demo', function (): void {
    $files = array_map(basename(...), glob(__DIR__.'/../../database/demo/pictures/*.jpg'));
    $looks = new LookAlikes(array_map(static fn (string $file): PerceptualHash => PerceptualHash::of(rasterOf($file)), $files));
    $twins = ['two-deltas-at-noon.jpg', 'two-deltas-at-noon-2.jpg'];
    foreach ($files as $n => $file) {
        foreach ([
            'mirrored' => static function (GdImage $image): GdImage {
                imageflip($image, IMG_FLIP_HORIZONTAL);

                return $image;
            },
            'in grey' => static function (GdImage $image): GdImage {
                imagefilter($image, IMG_FILTER_GRAYSCALE);

                return $image;
            },
        ] as $how => $change) {
            $near = array_keys($looks->near(PerceptualHash::of(rasterOf($file, $change)), PerceptualHash::ALIKE));
            expect($near)->toContain($n)->and(array_filter($near, static fn (int $other): bool => $other !== $n && ! (in_array($files[$other], $twins, true) && in_array($file, $twins, true))))->toBe([], "{$file}, {$how}");
        }
    }
});

it('refuses a raster that is none', function (int $width, int $height, int $pixels): void {
    expect(fn () => Raster::of($width, $height, array_fill(0, $pixels, 0)))->toThrow(InvalidArgumentException::class);
})->with(['too wide' => [97, 1, 97], 'nothing' => [0, 10, 0], 'too few pixels' => [4, 4, 15]]);
