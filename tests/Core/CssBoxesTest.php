<?php

declare(strict_types=1);

use Tests\Core\Css\Browser;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\NarrowLayout;
use ZincPane\Core\Layout\TileFrame;
use ZincPane\Core\Markup\BlocksCss;
use ZincPane\Core\Markup\Finish\CaptionsCss;
use ZincPane\Core\Markup\Finish\EdgesCss;
use ZincPane\Core\Markup\FrameCss;
use ZincPane\Core\Markup\GridCss;
use ZincPane\Core\Markup\PlacedCss;
use ZincPane\Core\Markup\SectionCss;
use ZincPane\Core\Markup\StripCss;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Measuring\Subject;

covers(BlocksCss::class, GridCss::class, PlacedCss::class, StripCss::class, SectionCss::class, FrameCss::class, EdgesCss::class, NarrowLayout::class);

/** The style sheet of a gallery of one section, and its arrangement, with a frame around each tile. */
function styled(array $layout, array $shapes, int $inset, array $large = []): array
{
    $line = min(40, intdiv($inset, 2));
    $design = designOf($layout, ['edges' => ['line' => $line > 0 ? 'double' : 'none', 'width' => $line, 'mount' => $inset - $line]]);
    $items = shownAs($shapes);
    // Whole px make other shapes than were asked for.
    $arrangement = Arranger::layout($design)->arrange(array_map(static fn ($item): Ratio => $item->ratio(), $items), $large);
    $pane = Css::of('.zp-p');
    $css = (new FrameCss($pane, $design->layout, $design->finish))->render(About::titled('Kites'), $items, 1)
        .(new CaptionsCss($pane, $design->finish))->render()
        .(new SectionCss($pane, 0, $design->layout, $items, $arrangement))->render();

    return [$css, $arrangement];
}

/** px by which a box from the sheet may differ from ours: a few 64ths for what stands before it, and the decimals that are written. */
function tolerance(array $layout, int $row, float $px): float
{
    return 0.0001 * abs($px) + match ($layout['kind']) {
        'rows', 'mosaic' => 0.45 + 0.06 * $row,
        'masonry' => 0.35,
        // Each of up to a dozen tracks is cut to a 64th.
        'grid' => 0.12 + 12 / 64 + 0.02 * $row,
        default => 0.12 + 0.02 * $row,
    };
}

/** Draws by the sheet and by the core, and says where they part; null where they do not. */
function parted(array $layout, array $shapes, int $inset, float $width, array $large = []): ?string
{
    [$css, $arrangement] = styled($layout, $shapes, $inset, $large);
    $band = $arrangement->at($width);
    foreach ((new Browser($css, '.zp-p', 0, count($shapes), $width))->boxes() as $i => $drawn) {
        $row = count(array_filter($band->rowStarts, static fn (int $start): bool => $start <= $i));
        foreach (['tile' => $band->boxes->get($i)->at($width), 'picture' => $band->picture($i)->at($width)] as $what => $box) {
            foreach ($box as $edge => $px) {
                if (abs($px - $drawn[$what][$edge]) > tolerance($layout, $row, $px)) {
                    return "{$what} {$i} of ".count($shapes).": {$edge} is {$drawn[$what][$edge]} by the sheet and {$px} by the core, at {$width} px";
                }
            }
        }
    }

    return null;
}

it('says in CSS the boxes it computed, for any design, any shapes, any width and whatever is around a tile', function (string $kind): void {
    $dice = dice(crc32($kind));
    $drawn = 0;
    for ($trial = 0; $trial < trials(60, $kind === 'mosaic' ? 5 : 20); $trial++) {
        $layout = [...anyLayout($dice), 'caption_lines' => $trial % 2 * $dice->getInt(0, 6), 'hidden_within' => $trial % 3 * $dice->getInt(0, 600), 'kind' => $kind, 'initial_view' => 'all', 'gap' => $dice->getInt(0, 24)];
        $shapes = someShapes($dice->getInt(1, $trial % 15 === 0 ? 60 : 17), $trial);
        $inset = [0, 5, 32, 100][$trial % 4];
        $large = $kind === 'mosaic' && count($shapes) > 4 ? [$dice->getInt(0, 3)] : [];
        for ($n = 0; $n < 4; $n++) {
            $width = $dice->getInt(Arrangement::NARROWEST * 64, Arrangement::WIDEST * 64) / 64;
            expect(parted($layout, $shapes, $inset, $width, $large))->toBeNull(json_encode($layout)." with {$inset} px around");
            $drawn += count($shapes);
        }
    }
    expect($drawn)->toBeGreaterThan(trials(1000, 100));
})->with(['grid', 'masonry', 'rows', 'mosaic', 'strip', 'slideshow', 'single']);

it('changes at the very px at which a band begins', function (string $kind): void {
    $layout = ['kind' => $kind, 'columns' => 5, 'gap' => 9, 'last_row' => 'fill', 'row_height' => 150];
    $shapes = someShapes(11, 4);
    [, $arrangement] = styled($layout, $shapes, 0);
    foreach (array_slice($arrangement->bands, 1) as $band) {
        foreach ([$band->band->from - 1, $band->band->from] as $width) {
            expect($width < Arrangement::NARROWEST ? null : parted($layout, $shapes, 0, $width))->toBeNull();
        }
    }
})->with(['grid', 'masonry', 'rows', 'mosaic', 'strip']);

it('is the gallery without captions where they are hidden, and the one with them from there on', function (string $kind): void {
    $dice = dice(77 + crc32($kind));
    for ($trial = 0; $trial < trials(25, 8); $trial++) {
        // No gallery is made for less than 240 px: there, nothing is ever hidden.
        $from = $dice->getInt($trial % 5 === 0 ? 1 : 241, $trial % 5 === 0 ? 240 : 1200);
        $shapes = someShapes($dice->getInt(0, 14), $trial);
        $layout = [...anyLayout($dice), 'kind' => $kind, 'gap' => $dice->getInt(0, 24)];
        $of = static fn (array $captions): Arrangement => Arranger::layout(designOf($layout, ['captions' => $captions]))->arrange($shapes);
        $below = ['place' => 'below', 'lines' => $dice->getInt(1, 6)];
        [$hidden, $with, $without] = [$of([...$below, 'hidden_within' => $from]), $of($below), $of(['place' => 'none'])];
        foreach ([240, max(240, $from - 1), max(240, $from), $from + 240, $dice->getInt(240, 2560), 2560] as $width) {
            $wanted = ($from > 240 && $width < $from ? $without : $with)->at($width);
            $seen = $hidden->at($width);
            expect(boxesAt($seen, $width))->toBe(boxesAt($wanted, $width), "{$from}, at {$width}")
                ->and([$seen->columns, $seen->rowStarts, $seen->frame->below, $seen->height->at($width)])->toBe([$wanted->columns, $wanted->rowStarts, $wanted->frame->below, $wanted->height->at($width)]);
        }
        // Every width lies in one band.
        foreach ($hidden->bands as $i => $band) {
            expect($band->band->from)->toBe($i === 0 ? 0 : $hidden->bands[$i - 1]->band->until)->and($band->band->until ?? INF)->toBeGreaterThan($band->band->from);
        }
    }
})->with(['grid', 'masonry', 'rows', 'mosaic', 'strip', 'slideshow', 'single']);

it('gives a list of placed tiles the height of its lowest one', function (): void {
    $shapes = someShapes(14, 9);
    [$css, $arrangement] = styled(['kind' => 'masonry', 'columns' => 4, 'caption_lines' => 1], $shapes, 5);
    foreach ([240, 433, 600, 911, 1120, 2560] as $width) {
        $browser = new Browser($css, '.zp-p', 0, 14, $width);
        $lowest = max(array_map(static fn (array $box): float => $box['tile']['top'] + $box['tile']['height'], $browser->boxes()));
        expect($browser->height())->toEqualWithDelta($lowest, 1.0);
    }
});

it('hides what comes after the first rows, and shows all once it is asked for', function (string $kind): void {
    $design = designOf(['kind' => $kind, 'columns' => 4, 'initial_view' => 'rows', 'initial_rows' => 2]);
    $gallery = galleryOf(shownAs(someShapes(30, 2)), $design);
    $drawn = drawnAs($gallery);
    $band = layoutOf($design, TileFrame::of(0, 0))->arrange(someShapes(30, 2))->at(1120);
    expect($drawn->css)->toContain('>:nth-child(n+'.($band->rowStarts[2] + 1).'){display:none}')->and($drawn->html)->toContain('Show all 30');
})->with(['grid', 'masonry', 'rows', 'mosaic', 'single']);

it('derives the box of a picture from its tile in one way', function (): void {
    $frame = TileFrame::of(7, 26);
    foreach (['grid', 'masonry', 'rows', 'mosaic', 'single'] as $kind) {
        $shapes = someShapes(9, 3);
        $arrangement = layoutOf(designOf(['kind' => $kind, 'shape' => 'own']), $frame)->arrange($shapes);
        foreach ([300, 700, 1120] as $width) {
            $band = $arrangement->at($width);
            foreach ($shapes as $i => $shape) {
                $picture = $band->picture($i)->at($width);
                $tile = $band->boxes->get($i)->at($width);
                // A picture keeps its own shape: nothing of the frame is taken out of it.
                expect($picture['width'] / $picture['height'])->toEqualWithDelta($shape->value, 0.002, "{$kind} at {$width}")
                    ->and($tile['width'] - $picture['width'])->toEqualWithDelta(14.0, 1e-6)->and($tile['height'] - $picture['height'])->toEqualWithDelta(40.0, 1e-6)
                    ->and($picture['left'] - $tile['left'])->toEqualWithDelta(7.0, 1e-6)->and($picture['top'] - $tile['top'])->toEqualWithDelta(7.0, 1e-6);
            }
        }
    }
    expect(TileFrame::of(-3, -1)->down())->toBe(0.0)->and(Subject::notAPicture(Ratio::of(4, 3))->size)->toBeNull();
});
