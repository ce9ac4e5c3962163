<?php

declare(strict_types=1);

use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Delivery\Sizes;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Markup\SizesAttribute;
use ZincPane\Core\Site\PageFrame;
use ZincPane\Core\Site\PaneDesign;

covers(RenditionPlan::class, Sizes::class, ContentWidth::class);

function planned(array $layout, Size $picture, int $count = 12): array
{
    $design = designOf($layout);
    $plan = RenditionPlan::of($design, [Arranger::layout($design)->arrange(array_fill(0, $count, $picture->ratio()))]);

    return array_values(array_unique(array_map(static fn ($rendition): int => $rendition->width, $plan->for($picture))));
}

it('plans enough for every width and density, and enlarges nothing', function (array $layout, int $width, int $height): void {
    $picture = Size::of($width, $height);
    $widths = planned($layout, $picture);
    expect(max($widths))->toBeLessThanOrEqual($width);
    $design = designOf($layout);
    $arrangement = Arranger::layout($design)->arrange(array_fill(0, 12, $picture->ratio()));
    for ($w = 240; $w <= 2560; $w += 20) {
        $box = $arrangement->at($w)->boxes->get(0)->at($w);
        $whole = ($box['height'] - $design->finish->belowPicture()) * $width / $height;
        $drawn = $design->layout->objectFitInForce() === ObjectFit::Cover ? max($box['width'], $whole) : min($box['width'], $whole);
        foreach ([1, 1.5, 2, 2.625, 3] as $density) {
            $need = min($drawn * $density, $width, 2560);
            $sent = min(array_filter($widths, static fn (int $step): bool => $step >= $need - 1e-6) ?: [0]);
            expect($sent)->toBeGreaterThan(0)->toBeLessThanOrEqual(max(160, 1.25 * $need));
        }
    }
})->with([
    'landscape in squares' => [['columns' => 4, 'shape' => '1:1', 'object_fit' => 'cover'], 6000, 4000],
    'portrait in 16:9' => [['columns' => 3, 'shape' => '16:9', 'object_fit' => 'cover'], 3000, 4500],
    'panorama whole in squares' => [['columns' => 2, 'shape' => '1:1', 'object_fit' => 'contain'], 5000, 1600],
    'a small picture' => [['columns' => 1, 'shape' => '3:2', 'object_fit' => 'cover'], 700, 500],
    'as many as fit' => [['column_rule' => 'fit', 'tile_width' => 160, 'shape' => '3:2', 'object_fit' => 'cover'], 4000, 3000],
    'masonry' => [['kind' => 'masonry', 'columns' => 4, 'caption_lines' => 2], 4000, 3000],
    'tiled rows' => [['kind' => 'rows', 'row_height' => 180, 'caption_lines' => 1], 5000, 3333],
    'a mosaic' => [['kind' => 'mosaic', 'row_height' => 220], 2400, 3600],
    'a strip' => [['kind' => 'strip', 'height' => 420], 4200, 2800],
    'a slideshow' => [['kind' => 'slideshow', 'height' => 560], 3000, 4000],
    'one per row' => [['kind' => 'single'], 6000, 4000],
]);

it('leaves out steps that no tile asks for', function (): void {
    expect(planned(['columns' => 1, 'shape' => '3:2'], Size::of(6000, 4000)))->not->toContain(160)
        ->and(planned(['column_rule' => 'fit', 'tile_width' => 80, 'gap' => 0], Size::of(6000, 4000)))->toContain(160)->not->toContain(2560);
});

it('always has a JPEG for the plain link', function (int $width): void {
    $size = Size::of($width, 600);
    $jpegs = array_filter(RenditionPlan::basic()->for($size), static fn ($rendition): bool => $rendition->format === Format::Jpeg);
    expect(array_map(static fn ($rendition): int => $rendition->width, $jpegs))->toContain(RenditionPlan::linkWidth($size));
})->with(['tiny' => 1, 'small' => 400, 'between steps' => 900, 'large' => 9000]);

/** The width that a browser reads from `sizes` in a window, by the rules of HTML. */
function readSizes(string $sizes, float $window): float
{
    // A comma outside of brackets parts the sizes.
    foreach (preg_split('/, (?![^(]*(?:\([^()]*\)[^()]*)*\))/', $sizes) as $part) {
        preg_match('/^(?:\(min-width:(\d+)px\) )?(?:(min|max)\()?(.+?)\)?$/', $part, $m);
        if ($m[1] === '' || $window >= (float) $m[1]) {
            $lengths = array_map(static function (string $length) use ($window): float {
                preg_match('/^(?:calc\()?(?:([\d.]+)vw)?(?: ([+-]) )?(?:(-?[\d.]+)px)?\)*$/', $length, $l);

                return (float) ($l[1] ?? 0) * $window / 100 + (($l[2] ?? '') === '-' ? -1 : 1) * (float) ($l[3] ?? 0);
            }, explode(', ', $m[3]));

            return $m[2] === 'max' ? max($lengths) : min($lengths);
        }
    }

    return NAN;
}

it('tells sizes that are the drawn widths, in every window', function (array $layout): void {
    $design = designOf($layout);
    $ratios = [Ratio::of(3, 2), Ratio::of(2, 3), Ratio::of(1, 1), Ratio::of(5, 2), Ratio::of(3, 2)];
    $arrangement = Arranger::layout($design)->arrange($ratios);
    $content = ContentWidth::page(18, 1120);
    $crops = $design->layout->objectFitInForce() === ObjectFit::Cover;
    $below = $design->finish->belowPicture();
    $sizes = new Sizes($arrangement, $content, $crops);
    foreach ($ratios as $i => $ratio) {
        for ($window = 280; $window <= 2596; $window += 3) {
            $inner = $content->at($window);
            $box = $arrangement->at($inner)->boxes->get($i)->at($inner);
            $whole = ($box['height'] - $below) * $ratio->value;
            $drawn = $crops ? max($box['width'], $whole) : min($box['width'], $whole);
            // One decimal of a hundredth of the window, and what counts as even.
            expect(readSizes((new SizesAttribute)->of($sizes->of($i, $ratio)), $window))->toEqualWithDelta($drawn, 1.8);
        }
    }
})->with([
    'three columns' => [['columns' => 3, 'shape' => '3:2']],
    'fitting squares, centred' => [['column_rule' => 'fit', 'tile_width' => 150, 'shape' => '1:1', 'last_row' => 'centre']],
    'own shapes' => [['columns' => 4, 'shape' => 'own']],
    'whole pictures' => [['columns' => 2, 'shape' => '16:9', 'object_fit' => 'contain']],
    'masonry with captions' => [['kind' => 'masonry', 'columns' => 3, 'caption_lines' => 2]],
    'tiled rows' => [['kind' => 'rows', 'row_height' => 150]],
    'tiled rows with captions' => [['kind' => 'rows', 'row_height' => 320, 'last_row' => 'fill', 'caption_lines' => 1]],
    'a mosaic' => [['kind' => 'mosaic', 'row_height' => 130, 'gap' => 20]],
    'a strip' => [['kind' => 'strip', 'height' => 300]],
    'a slideshow' => [['kind' => 'slideshow', 'height' => 400]],
]);

it('plans for a place what windows can ask for there, and nothing that none can', function (array $place, array $layout): void {
    $frame = new PageFrame(18, 1120, 684);
    $picture = Size::of(6000, 4000);
    $design = designOf($layout);
    $arrangement = Arranger::layout($design)->arrange(array_fill(0, 12, $picture->ratio()));
    $content = $frame->of(PaneDesign::fromArray($place));
    $widths = array_values(array_unique(array_map(static fn ($rendition): int => $rendition->width, RenditionPlan::placed($design, [[$arrangement, $content]])->for($picture))));
    $asked = [];
    // Told by nothing but what is drawn: every window, every tile, every density that such windows have.
    for ($window = 240; $window <= 3840; $window += 7) {
        $inner = $content->at($window);
        if ($inner < 240) {
            continue;
        }
        foreach ([0, 5, 11] as $tile) {
            $box = $arrangement->at($inner)->boxes->get($tile)->at($inner);
            $drawn = max($box['width'], $box['height'] * 1.5);
            foreach ($window < 700 ? [1, 2, 2.625, 3] : [1, 1.5, 2] as $density) {
                $need = min($drawn * $density, 2560);
                $sent = min(array_filter($widths, static fn (int $step): bool => $step >= $need - 1e-6) ?: [0]);
                expect($sent)->toBeGreaterThan(0)->toBeLessThanOrEqual(max(160, 1.25 * $need));
                $asked[$sent] = true;
            }
        }
    }
    // What no window asks for is not made, but for the few that every picture has. Windows between two that were looked at may ask for a step more.
    $never = array_diff($widths, array_keys($asked), RenditionPlan::ALWAYS, RenditionPlan::FALLBACK);
    expect(count($never))->toBeLessThanOrEqual(1)->and(max($widths))->toBeLessThanOrEqual(max(1820, 1.25 * max(array_keys($asked))));
})->with([
    'three wide' => [[], ['columns' => 3, 'shape' => '3:2']], 'one from edge to edge' => [['width' => 'edges'], ['columns' => 1, 'shape' => '3:2']], 'half' => [['width' => 'half', 'side' => 'end'], ['columns' => 2, 'shape' => '3:2']],
    'text-wide' => [['width' => 'text'], ['kind' => 'masonry', 'columns' => 3]], '300 px' => [['width' => 'px', 'px' => 300], ['columns' => 1, 'shape' => '3:2']], 'tiled rows' => [['width' => 'half'], ['kind' => 'rows', 'row_height' => 200]],
]);

it('plans less for a narrow place than for any width', function (): void {
    $design = designOf(['columns' => 1, 'shape' => '3:2']);
    $arrangement = Arranger::layout($design)->arrange(array_fill(0, 3, Ratio::of(3, 2)));
    $count = static fn (RenditionPlan $plan): int => count($plan->for(Size::of(6000, 4000)));
    $placed = static fn (array $place): int => $count(RenditionPlan::placed($design, [[$arrangement, (new PageFrame(18, 1120, 684))->of(PaneDesign::fromArray($place))]]));
    expect($placed(['width' => 'px', 'px' => 300]))->toBeLessThan($placed(['width' => 'text']))
        ->and($placed(['width' => 'text']))->toBeLessThan($placed([]))->and($placed([]))->toBeLessThanOrEqual($count(RenditionPlan::of($design, [$arrangement])));
});
