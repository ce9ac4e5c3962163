<?php

declare(strict_types=1);

use Random\Randomizer;
use ZincPane\Core\Colour\Luminance;
use ZincPane\Core\Colour\PixelGrid;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Legibility\AreaColours;
use ZincPane\Core\Legibility\CaptionArea;
use ZincPane\Core\Legibility\CaptionBox;
use ZincPane\Core\Legibility\CaptionSight;
use ZincPane\Core\Legibility\ContrastMeter;
use ZincPane\Core\Legibility\Judge;
use ZincPane\Core\Legibility\Legibility;
use ZincPane\Core\Legibility\Light;
use ZincPane\Core\Legibility\Mends;
use ZincPane\Core\Legibility\Verdict;

covers(Luminance::class, PixelGrid::class, AreaColours::class, CaptionArea::class, CaptionBox::class, CaptionSight::class, ContrastMeter::class, Judge::class, Legibility::class, Light::class, Mends::class, Verdict::class);

/** A picture of random patches, in a few colours. */
function patches(Randomizer $dice, int $width = 120, int $height = 80): PixelGrid
{
    $colours = $dice->getBytes(3 * 24);
    $numbers = '';
    for ($y = 0; $y < $height; $y++) {
        for ($x = 0; $x < $width; $x++) {
            $numbers .= chr((intdiv($x, 15) * 7 + intdiv($y, 10) * 5) % 24);
        }
    }

    return PixelGrid::of($width, $height, $numbers, $colours);
}

function verdictOf(array $finish, array $grids, array $layout = ['kind' => 'grid', 'columns' => 3, 'shape' => '3:2'], string $behind = '#ffffff'): Verdict
{
    $items = array_map(static fn (int $i): ShownPicture => new ShownPicture(Size::of(1200, 800), FocalPoint::centre(), new Words("Title {$i}", 'Caption'), '/media/x', []), array_keys($grids));
    $gallery = galleryOf($items, designOf($layout, $finish));

    return (new Legibility($gallery, $gallery->sections(new Sections(new Arranger)), 1120, $behind, $grids))->verdict();
}

it('knows the luminance and the ratios that WCAG gives', function (): void {
    expect(Luminance::of('#ffffff'))->toEqualWithDelta(1.0, 1e-9)->and(Luminance::of('#000000'))->toBe(0.0)
        ->and(Luminance::ratio(Luminance::of('#ffffff'), Luminance::of('#000000')))->toEqualWithDelta(21.0, 1e-9)
        // The grey that is just enough on white, and the one that just is not.
        ->and(Luminance::ratio(1.0, Luminance::of('#767676')))->toBeGreaterThan(4.5)->and(Luminance::ratio(1.0, Luminance::of('#777777')))->toBeLessThan(4.5)
        ->and(Luminance::needed(14, 400))->toBe(4.5)->and(Luminance::needed(24, 400))->toBe(3.0)->and(Luminance::needed(19, 700))->toBe(3.0)->and(Luminance::needed(19, 400))->toBe(4.5)->and(Luminance::needed(18, 800))->toBe(4.5);
});

it('finds what looking at every single pixel finds', function (int $seed): void {
    $dice = dice($seed);
    for ($trial = 0; $trial < 25; $trial++) {
        $grid = patches($dice);
        $finish = [
            'captions' => ['place' => 'over', 'title' => true, 'caption' => false, 'lines' => 1, 'opacity' => $dice->getInt(0, 100), 'ground' => sprintf('#%06x', $dice->getInt(0, 0xFFFFFF)), 'colour' => [null, '#000000', '#ff0000'][$trial % 3], 'at' => ['top', 'bottom'][$trial % 2]],
            'pointed' => ['rest_opacity' => $dice->getInt(10, 100), 'rest_grey' => $dice->getInt(0, 100), 'rest_brightness' => $dice->getInt(30, 170)],
        ];
        // Pointed at as at rest.
        foreach (['opacity', 'grey', 'brightness'] as $key) {
            $finish['pointed'][$key] = $finish['pointed']["rest_{$key}"];
        }
        $sight = verdictOf($finish, [$grid], ['kind' => 'single'], '#336699')->sights[0];
        [$left, $top, $width, $height] = $sight->area;
        expect($left)->toEqualWithDelta(0.0, 1e-9);
        $c = $finish['captions'];
        $channels = static fn (string $hex): array => sscanf($hex, '#%02x%02x%02x');
        $lights = [];
        for ($y = (int) round($top * 80); $y < (int) round(($top + $height) * 80); $y++) {
            for ($x = 0; $x < 120; $x++) {
                $n = ord($grid->numbers[120 * $y + $x]);
                $rgb = array_map(ord(...), str_split(substr($grid->colours, 3 * $n, 3)));
                $p = $finish['pointed'];
                $light = 0.2126 * $rgb[0] + 0.7152 * $rgb[1] + 0.0722 * $rgb[2];
                $sum = 0.0;
                foreach ([0.2126, 0.7152, 0.0722] as $k => $weight) {
                    $v = round($rgb[$k] + ($light - $rgb[$k]) * $p['rest_grey'] / 100);
                    $v = min(255, $v * $p['rest_brightness'] / 100);
                    $v = $v * $p['rest_opacity'] / 100 + $channels('#336699')[$k] * (1 - $p['rest_opacity'] / 100);
                    $v = $v * (1 - $c['opacity'] / 100) + $channels($c['ground'])[$k] * $c['opacity'] / 100;
                    $v /= 255;
                    $sum += $weight * ($v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4);
                }
                $lights[] = $sum;
            }
        }
        $letters = Luminance::of($c['colour'] ?? '#ffffff');
        $inverse = array_map(static fn (float $one): float => (min($one, $letters) + 0.05) / (max($one, $letters) + 0.05), $lights);
        rsort($inverse);
        $count = max(1, (int) round(0.05 * count($inverse)));
        $wanted = $count / array_sum(array_slice($inverse, 0, $count));
        expect($sight->ratio)->toEqualWithDelta($wanted, 0.02 * $wanted, json_encode($finish));
    }
})->with(sample([1, 2, 3], 1));

it('finds what looking at every row of a ground that fades out finds', function (string $at): void {
    $dice = dice(31);
    for ($trial = 0; $trial < 12; $trial++) {
        $grid = patches($dice, 120, 144);
        $finish = ['captions' => ['place' => 'over', 'title' => true, 'lines' => 2, 'opacity' => $dice->getInt(20, 95), 'ground' => '#101417', 'fades' => true, 'at' => $at]];
        $sight = verdictOf($finish, [$grid], ['kind' => 'single'])->sights[0];
        [, $top, , $height] = $sight->area;
        $first = (int) round($top * 144);
        $last = (int) round(($top + $height) * 144);
        $lights = [];
        for ($y = $first; $y < $last; $y++) {
            // How far it is from where the ground ends; solid from two fifths on, as the gradient of the page has it.
            $way = ($at === 'bottom' ? $y + 0.5 - $first : $last - $y - 0.5) / ($last - $first);
            $ground = $finish['captions']['opacity'] / 100 * min(1.0, $way / 0.4);
            for ($x = 0; $x < 120; $x++) {
                $rgb = array_map(ord(...), str_split(substr($grid->colours, 3 * ord($grid->numbers[120 * $y + $x]), 3)));
                $sum = 0.0;
                foreach ([[0.2126, 16], [0.7152, 20], [0.0722, 23]] as $k => [$weight, $dark]) {
                    $v = ($rgb[$k] * (1 - $ground) + $dark * $ground) / 255;
                    $sum += $weight * ($v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4);
                }
                $lights[] = $sum;
            }
        }
        rsort($lights);
        $count = (int) round(0.05 * count($lights));
        $wanted = 1.05 / (array_sum(array_slice($lights, 0, $count)) / $count + 0.05);
        expect($sight->ratio)->toEqualWithDelta($wanted, 0.1 * $wanted, "{$at} {$trial}");
    }
})->with(['top', 'bottom']);

it('looks at widths that there are: within the bands in use, up to the widest that the page has', function (string $kind): void {
    $dice = dice(32);
    $grids = array_map(static fn (): PixelGrid => patches($dice), range(1, 9));
    $ats = [];
    foreach ([1120, 700, 300] as $widest) {
        $items = array_map(static fn (int $i): ShownPicture => new ShownPicture(Size::of(700 + 100 * $i, 900), FocalPoint::centre(), new Words('A title of some length'), '/media/x', []), range(1, 9));
        $gallery = galleryOf($items, designOf(['kind' => $kind], ['captions' => ['place' => 'over', 'title' => true]]));
        $sections = $gallery->sections(new Sections(new Arranger));
        $verdict = (new Legibility($gallery, $sections, $widest, '#ffffff', $grids))->verdict();
        expect($verdict->sights)->toHaveCount(9);
        foreach ($verdict->sights as $sight) {
            $ats[] = $sight->at;
            // A width at which the area is what it is said to be.
            $box = $sections[0]->arrangement->at((float) $sight->at)->picture($sight->place);
            $words = new CaptionBox($gallery->design->finish);
            [$top, $bottom] = $words->on(CaptionBox::widths(['A title of some length']), $box->width->at($sight->at), $box->height->at($sight->at));
            $seen = CaptionArea::of($items[$sight->place]->ratio(), Ratio::of($box->width->at($sight->at), $box->height->at($sight->at)), FocalPoint::centre(), true, $top, $bottom, (float) $sight->at);
            expect($sight->at)->toBeGreaterThanOrEqual(240)->toBeLessThanOrEqual($widest)
                ->and($sight->area)->toEqualWithDelta([$seen->left, $seen->top, $seen->width, $seen->height], 0.02);
        }
    }
    expect(count(array_unique($ats)))->toBeGreaterThan(in_array($kind, ['strip', 'single'], true) ? 0 : 1);
})->with(['grid', 'masonry', 'rows', 'mosaic', 'strip', 'single']);

it('mends with the least that is enough for all, and names who falls short, the hardest first', function (int $seed): void {
    $dice = dice($seed);
    $grids = array_map(static fn (): PixelGrid => patches($dice), range(1, 12));
    $finish = ['captions' => ['place' => 'over', 'title' => true, 'opacity' => 15, 'ground' => '#101417']];
    $verdict = verdictOf($finish, $grids);
    expect($verdict->hard())->not->toBe([])->and($verdict->mends)->not->toBe([])->and($verdict->sights)->toHaveCount(12);
    $ratios = array_map(static fn (CaptionSight $sight): float => $sight->ratio, $verdict->sights);
    $sorted = $ratios;
    sort($sorted);
    expect($ratios)->toBe($sorted);
    foreach ($verdict->mends as $mend) {
        expect(verdictOf(array_replace_recursive($finish, ['captions' => $mend->captions]), $grids)->hard())->toBe([], $mend->label);
    }
    // With a few per cent less, one falls short again, or has less than is sure.
    $opacity = $verdict->mends[0]->captions['opacity'];
    expect(verdictOf(array_replace_recursive($finish, ['captions' => ['opacity' => $opacity - 1]]), $grids)->sights[0]->ratio)->toBeLessThan(4.5 * 1.04 + 0.01);
})->with(sample([5, 6, 7], 1));

it('offers other letters where no ground is enough, and an even ground where that asks for less', function (): void {
    $white = PixelGrid::of(4, 4, str_repeat("\0", 16), "\xFF\xFF\xFF");
    $light = verdictOf(['captions' => ['place' => 'over', 'title' => true, 'ground' => '#f0f0f0', 'opacity' => 50]], [$white])->mends;
    expect($light)->toHaveCount(1)->and($light[0]->label)->toStartWith('Dark letters')->and($light[0]->captions['colour'])->toBe('#101417');
    $fading = verdictOf(['captions' => ['place' => 'over', 'title' => true, 'fades' => true, 'opacity' => 60]], [$white])->mends;
    expect(implode(', ', array_map(static fn ($mend): string => $mend->label, $fading)))->toContain('An even ground');
    expect(verdictOf(['captions' => ['place' => 'over', 'title' => true, 'opacity' => 90]], [$white])->mends)->toBe([]);
});

it('has nothing to say of captions below, nor of pictures without words, and takes the worst of a picture it cannot see', function (): void {
    $grid = PixelGrid::of(2, 2, "\0\0\0\0", "\0\0\0");
    expect(verdictOf(['captions' => ['place' => 'below', 'title' => true]], [$grid])->sights)->toBe([])
        ->and(verdictOf(['captions' => ['place' => 'over', 'caption' => false, 'credit' => true]], [$grid])->sights)->toBe([]);
    $items = [new ShownPicture(Size::of(300, 200), FocalPoint::centre(), new Words('Unseen'), '/media/x', [])];
    $gallery = galleryOf($items, designOf(['kind' => 'grid'], ['captions' => ['place' => 'over', 'title' => true, 'opacity' => 0]]));
    $verdict = (new Legibility($gallery, $gallery->sections(new Sections(new Arranger)), 1120, '#000000', []))->verdict();
    expect($verdict->sights[0]->ratio)->toBeLessThan(1.1);
});

it('keeps a caption within its picture, as high as its lines', function (): void {
    $box = new CaptionBox(designOf([], ['captions' => ['place' => 'over', 'title' => true, 'lines' => 2]])->finish);
    $short = $box->on(CaptionBox::widths(['Kite']), 300.0, 200.0);
    $long = $box->on(CaptionBox::widths([str_repeat('A long caption ', 20)]), 300.0, 200.0);
    expect($short)->toEqualWithDelta([1 - 34 / 200, 1.0], 1e-9)->and($long)->toEqualWithDelta([1 - 54 / 200, 1.0], 1e-9)
        ->and($box->on(CaptionBox::widths(['Kite']), 300.0, 20.0))->toBe([0.0, 1.0])
        // Letters of other scripts are wider.
        ->and(CaptionBox::widths(['風箏節'])[0])->toEqualWithDelta(3.0, 1e-9)->and(CaptionBox::widths(['illi'])[0])->toBeLessThan(CaptionBox::widths(['WWWW'])[0] / 2);
    $disc = new CaptionBox(designOf([], ['captions' => ['place' => 'over'], 'edges' => ['corners' => 200]])->finish);
    expect($disc->on([3.0], 100.0, 100.0))->toBe([0.0, 1.0]);
});

it('looks beyond a picture that stands whole in its tile, and nearer at one that is enlarged', function (): void {
    $whole = CaptionArea::of(Ratio::of(1, 1), Ratio::of(2, 1), FocalPoint::centre(), false, 0.5, 1.0, 600.0);
    expect([$whole->left, $whole->width, $whole->top, $whole->height])->toEqualWithDelta([-0.5, 2.0, 0.5, 0.5], 1e-9);
    $near = $whole->enlarged(2.0);
    expect([$near->left, $near->width])->toEqualWithDelta([0.0, 1.0], 1e-9);
    $grid = PixelGrid::of(10, 10, str_repeat("\0", 100), "\0\0\0");
    expect(array_sum(AreaColours::of($grid, $whole, false, false)->slices[0][1]))->toBe(100)->and(AreaColours::of($grid, $whole, false, false)->slices[0][1])->toBe([0 => 50, -1 => 50])
        ->and(AreaColours::of($grid, $whole, true, true)->slices)->toHaveCount(7)
        ->and(fn () => PixelGrid::of(0, 3, '', 'abc'))->toThrow(InvalidArgumentException::class, 'a byte a pixel')
        ->and(fn () => PixelGrid::of(1, 1, 'a', 'ab'))->toThrow(InvalidArgumentException::class, 'three bytes')
        ->and(GalleryDesign::default()->finish->captions->areOver())->toBeFalse();
});

it('reads the signs and buttons that lie over pictures on any of them', function (): void {
    // White on rgb(16 20 23/.72), over the lightest that there can be: what signs, steps and pause are drawn in.
    $over = array_map(static fn (int $dark): float => 0.72 * $dark + 0.28 * 255, [16, 20, 23]);
    $light = 0.2126 * Luminance::light($over[0]) + 0.7152 * Luminance::light($over[1]) + 0.0722 * Luminance::light($over[2]);
    expect(Luminance::ratio(1.0, $light))->toBeGreaterThan(4.5);
    foreach (['core/Markup/Finish/PointedCss.php', 'core/Markup/FrameCss.php', 'resources/viewer/strip.ts'] as $file) {
        expect(file_get_contents(__DIR__."/../../{$file}"))->toContain('rgb(16 20 23/.72)');
    }
});

it('keeps as many px of the shorter side of a panorama as of a square, and enlarges nothing', function (): void {
    expect(PixelGrid::sizeFor(3000, 3000))->toBe([144, 144])
        ->and(PixelGrid::sizeFor(2600, 1000))->toBe([374, 144])
        ->and(PixelGrid::sizeFor(1000, 2600))->toBe([144, 374])
        ->and(PixelGrid::sizeFor(20000, 100))->toBe([576, 3])
        ->and(PixelGrid::sizeFor(90, 60))->toBe([90, 60])
        ->and(PixelGrid::sizeFor(1, 9000))->toBe([1, 576]);
});
