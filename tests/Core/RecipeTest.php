<?php

declare(strict_types=1);

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Tidying\Crop;
use ZincPane\Core\Tidying\Recipe;

covers(Recipe::class, Crop::class);

$recipes = [
    'nothing' => [[]],
    'a quarter turn' => [['turn' => 1]],
    'upside down and cropped' => [['turn' => 2, 'crop' => ['left' => 0.1, 'top' => 0.2, 'width' => 0.5, 'height' => 0.6]]],
    'straightened' => [['straighten' => 7.5]],
    'all of it' => [['turn' => 3, 'straighten' => -12.3, 'crop' => ['left' => 0.3, 'top' => 0, 'width' => 0.7, 'height' => 0.4], 'brightness' => 20, 'contrast' => -30]],
    'seen as it came, with its words' => [['words' => true]],
    'straightened, of any shape' => [['straighten' => -9.4, 'free' => true]],
    'turned, straightened, of any shape' => [['turn' => 1, 'straighten' => 14.8, 'free' => true, 'crop' => ['left' => 0, 'top' => 0.1, 'width' => 1, 'height' => 0.5]]],
];

it('reads what it wrote', function (array $values): void {
    $recipe = Recipe::fromArray($values);
    expect(Recipe::fromArray(json_decode(json_encode($recipe->toArray()), true)))->toEqual($recipe)
        ->and($recipe->isPlain())->toBe($values === []);
})->with($recipes);

it('keeps nothing that lies outside the picture', function (array $values): void {
    foreach ([Size::of(1800, 1200), Size::of(1000, 2400), Size::of(700, 700)] as $upright) {
        $recipe = Recipe::fromArray($values);
        ['matrix' => [$a, $b, $c, $d], 'area' => $area] = $recipe->affine($upright);
        expect([$area['width'], $area['height']])->toBe([$recipe->sizeOf($upright)->width, $recipe->sizeOf($upright)->height]);
        // Every corner of what is kept, turned back, lies on the original; half a px of rounding is allowed.
        foreach ([[0, 0], [$area['width'] - 1, 0], [0, $area['height'] - 1], [$area['width'] - 1, $area['height'] - 1]] as [$x, $y]) {
            [$X, $Y] = [$area['left'] + $x, $area['top'] + $y];
            $determinant = $a * $d - $b * $c;
            expect(($d * $X - $b * $Y) / $determinant)->toBeGreaterThanOrEqual(-1.5)->toBeLessThanOrEqual($upright->width + 0.5)
                ->and((-$c * $X + $a * $Y) / $determinant)->toBeGreaterThanOrEqual(-1.5)->toBeLessThanOrEqual($upright->height + 0.5);
        }
    }
})->with($recipes);

it('knows where a point went, and where it came from', function (array $values): void {
    $recipe = Recipe::fromArray($values);
    $upright = Size::of(1800, 1200);
    foreach ([[0.5, 0.5], [0.2, 0.7], [0.9, 0.1]] as [$x, $y]) {
        $there = $recipe->original(FocalPoint::of($x, $y), $upright);
        $back = $recipe->seen($there, $upright);
        expect($back->x)->toEqualWithDelta($x, 1e-9)->and($back->y)->toEqualWithDelta($y, 1e-9);
    }
})->with($recipes);

it('brings a point that was cropped away to the edge that is nearest', function (float $x, float $y, array $seen): void {
    $recipe = Recipe::fromArray(['crop' => ['left' => 0.25, 'top' => 0.25, 'width' => 0.5, 'height' => 0.5]]);
    $point = $recipe->seen(FocalPoint::of($x, $y), Size::of(1800, 1200));
    expect($point->x)->toEqualWithDelta($seen[0], 1e-9)->and($point->y)->toEqualWithDelta($seen[1], 1e-9);
})->with([[0.9, 0.1, [1.0, 0.0]], [0.1, 0.9, [0.0, 1.0]], [0.5, 0.375, [0.5, 0.25]]]);

it('cuts at the very px that a crop names, however the picture was turned', function (int $turn, array $of): void {
    for ($left = 0.0; $left < 0.5; $left += 0.0137) {
        $crop = ['left' => round($left, 5), 'top' => round(0.5 - $left, 5), 'width' => 0.4, 'height' => 0.4];
        $area = Recipe::fromArray(['turn' => $turn, 'crop' => $crop])->affine(Size::of(601, 401))['area'];
        // A turn puts the picture to the left of its corner, or above it, or both.
        [$width, $height] = $turn % 2 === 0 ? [601, 401] : [401, 601];
        expect($area)->toBe(['left' => (int) round($of[0] * ($width - 1) + $width * $crop['left']), 'top' => (int) round($of[1] * ($height - 1) + $height * $crop['top']), 'width' => (int) round(0.4 * $width), 'height' => (int) round(0.4 * $height)]);
    }
})->with([[0, [0, 0]], [1, [-1, 0]], [2, [-1, -1]], [3, [0, -1]]]);

it('keeps the largest rectangle of all that lie inside, where the shape is free', function (int $width, int $height, float $degrees): void {
    $area = static fn (bool $free): int => ($size = Recipe::fromArray(['straighten' => $degrees, 'free' => $free])->sizeOf(Size::of($width, $height)))->width * $size->height;
    $angle = deg2rad($degrees);
    $most = 0;
    for ($w = 1; $w <= hypot($width, $height); $w += 4) {
        // How high a rectangle so wide may be at most: its corners, turned back, lie within half the sides.
        $high = min(2 * ($width / 2 - $w / 2 * cos($angle)) / sin($angle), 2 * ($height / 2 - $w / 2 * sin($angle)) / cos($angle));
        $most = max($most, $w * max(0, $high));
    }
    expect($area(true))->toBeGreaterThanOrEqual($area(false))->toEqualWithDelta($most, 0.012 * $most);
})->with([[1800, 1200, 7.0], [1200, 1800, 15.0], [2000, 400, 12.0], [400, 2000, 12.0], [900, 900, 10.0], [3000, 300, 15.0]]);

it('keeps a crop to a hundred thousandth', function (): void {
    expect(Crop::fromArray(['left' => 0.1234567, 'top' => 0.7654321, 'width' => 0.3333333, 'height' => 0.2222222])->toArray())
        ->toBe(['left' => 0.12346, 'top' => 0.76543, 'width' => 0.33333, 'height' => 0.22222]);
});

it('turns clockwise', function (): void {
    // What is at the top left of a picture is at the top right once it was turned by a quarter.
    $seen = Recipe::fromArray(['turn' => 1])->seen(FocalPoint::of(0.1, 0.2), Size::of(300, 200));
    expect($seen->x)->toEqualWithDelta(0.8, 1e-9)->and($seen->y)->toEqualWithDelta(0.1, 1e-9)
        ->and(Recipe::fromArray(['turn' => 1])->sizeOf(Size::of(300, 200)))->toEqual(Size::of(200, 300));
});

it('keeps the shape of the picture when it is straightened', function (): void {
    $size = Recipe::fromArray(['straighten' => 10])->sizeOf(Size::of(3000, 2000));
    expect($size->width / $size->height)->toEqualWithDelta(1.5, 0.005)->and($size->width)->toBeLessThan(2500)->toBeGreaterThan(2200);
});

it('makes light a straight line about the middle grey', function (int $brightness, int $contrast, float $at0, float $at128): void {
    [$a, $b] = Recipe::fromArray(['brightness' => $brightness, 'contrast' => $contrast])->light();
    expect($b)->toEqualWithDelta($at0, 0.01)->and($a * 127.5 + $b)->toEqualWithDelta($at128, 0.01);
})->with([
    'nothing' => [0, 0, 0.0, 127.5],
    'lighter' => [50, 0, 63.75, 191.25],
    'darkest' => [-100, 0, -127.5, 0.0],
    'flat' => [0, -100, 127.5, 127.5],
    'steep' => [0, 100, -255.0, 127.5],
]);

it('refuses what cannot be', function (array $values, string $field): void {
    expect(fn () => Recipe::fromArray($values))->toThrow(fn (SettingException $exception) => expect($exception->field)->toBe($field));
})->with([
    [['turn' => 4], 'recipe.turn'], [['turn' => 1.5], 'recipe.turn'], [['straighten' => 16], 'recipe.straighten'], [['straighten' => NAN], 'recipe.straighten'],
    [['brightness' => 101], 'recipe.brightness'], [['contrast' => '5'], 'recipe.contrast'], [['blur' => 1], 'recipe.blur'],
    [['crop' => ['left' => 0.5, 'width' => 0.6]], 'recipe.crop.width'], [['crop' => ['top' => 0.99]], 'recipe.crop.top'], [['crop' => 'all'], 'recipe.crop'],
]);
