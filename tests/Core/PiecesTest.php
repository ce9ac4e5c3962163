<?php

declare(strict_types=1);

// The small pieces that everything else is made of, each against arithmetic that shares nothing with it.

use ZincPane\Core\Colour\LookAlikes;
use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Colour\Raster;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\SourceSize;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Edition\CleanHtml;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Foreign;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Box;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Shape;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Geometry\WidthBand;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\ColumnChoice;
use ZincPane\Core\Layout\TileFrame;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\ObjectPosition;
use ZincPane\Core\Markup\SizesAttribute;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Markup\Style\StyleException;
use ZincPane\Core\Phrases\Phrases;

it('reckons with lines as with the numbers they stand for', function (): void {
    $dice = dice(3);
    for ($round = 0; $round < 200; $round++) {
        [$a, $b, $c, $d, $width, $factor] = array_map(static fn (): float => $dice->getInt(-400, 400) / 8, range(1, 6));
        [$one, $other] = [Linear::of($a, $b), Linear::of($c, $d)];
        expect($one->at($width))->toEqualWithDelta($a * $width + $b, 1e-9)
            ->and($one->plus($other)->at($width))->toEqualWithDelta($one->at($width) + $other->at($width), 1e-9)
            ->and($one->minus($other)->at($width))->toEqualWithDelta($one->at($width) - $other->at($width), 1e-9)
            ->and($one->plusPx($d)->at($width))->toEqualWithDelta($one->at($width) + $d, 1e-9)
            ->and($one->times($factor)->at($width))->toEqualWithDelta($one->at($width) * $factor, 1e-6)
            ->and($one->after($other)->at($width))->toEqualWithDelta($one->at($other->at($width)), 1e-6);
    }
    // Three of them with two gaps of 9 px between are as wide as all there is.
    expect(3 * Linear::share(3, 9)->at(600) + 2 * 9)->toEqualWithDelta(600, 1e-9)
        ->and([Linear::px(0.0)->plusPx(0.0)->b, Linear::of(0.5, 4)->times(1.0)->at(10), Linear::of(0.5, 4)->times(1.6)->at(10)])->toBe([0.0, 9.0, 14.4]);
});

it('knows which widths are of a band, and its middle', function (): void {
    $band = new WidthBand(400, 600);
    expect(array_map($band->contains(...), [399.99, 400.0, 599.99, 600.0]))->toBe([false, true, true, false])
        ->and((new WidthBand(400, null))->contains(1e6))->toBeTrue()
        ->and(Arrangement::ends(new WidthBand(0, 600)))->toBe([240, 600])
        ->and(Arrangement::ends(new WidthBand(1000, null)))->toBe([1000, 2560])
        ->and(Arrangement::ends(new WidthBand(3000, null)))->toBe([3000, 3000])
        ->and(Arrangement::ends(new WidthBand(2000, 4000)))->toBe([2000, 2560])
        ->and(Arrangement::middle(new WidthBand(0, 960)))->toBe(480.0);
    $arrangement = new Arrangement([new BandArrangement(new WidthBand(0, 500), 1, new Boxes([], [], [], []), Linear::px(0), [], TileFrame::of(0, 0)), new BandArrangement(new WidthBand(500, 900), 2, new Boxes([], [], [], []), Linear::px(0), [], TileFrame::of(0, 0))]);
    expect($arrangement->at(499.9)->columns)->toBe(1)->and($arrangement->at(500)->columns)->toBe(2)
        ->and(fn () => $arrangement->at(900))->toThrow(LogicException::class, '900');
});

it('keeps many boxes in order', function (): void {
    $of = static fn (int ...$px): array => array_map(static fn (int $each): Linear => Linear::px($each), $px);
    $boxes = (new Boxes($of(1, 2), $of(3, 4), $of(5, 6), $of(7, 8)))->followedBy(new Boxes($of(9), $of(10), $of(11), $of(12)));
    expect(count($boxes))->toBe(3)->and(array_map(static fn (Box $box): array => array_values($box->at(100)), iterator_to_array($boxes)))
        ->toBe([[1.0, 3.0, 5.0, 7.0], [2.0, 4.0, 6.0, 8.0], [9.0, 10.0, 11.0, 12.0]]);
    $band = new BandArrangement(new WidthBand(0, null), 2, $boxes, Linear::px(9), [0, 2], TileFrame::of(4, 30));
    expect($band->rows())->toBe(2)->and($band->inLastRow())->toBe(1)
        ->and(BandArrangement::evenStarts(7, 3, 10))->toBe([10, 13, 16])->and(BandArrangement::evenStarts(6, 3))->toBe([0, 3])
        ->and((new BandArrangement(new WidthBand(0, null), 2, new Boxes([], [], [], []), Linear::px(0), [], TileFrame::of(0, 0)))->inLastRow())->toBe(0);
});

it('arranges once what is asked for several times in a row', function (): void {
    $arranger = new Arranger;
    $of = static fn (int $columns): Arrangement => $arranger->arranged(GalleryDesign::default()->with(['layout' => ['kind' => 'grid', 'columns' => $columns]]), [Ratio::of(3, 2)], []);
    $first = $of(1);
    [$of(2), $of(3), $of(4)];
    expect($of(1))->toBe($first);
    $of(5);
    // The one asked for longest ago went.
    expect($of(1) === $first)->toBeFalse()->and(array_column($of(3)->bands, 'columns'))->toContain(3);
});

it('puts each tile into the shortest column, the first of equals', function (): void {
    [$columns, $ends] = (new ColumnChoice(3))->shortest([10.0, 20.0, 10.0, 5.0, 5.0, 1.0]);
    expect($columns)->toBe([0, 1, 2, 0, 2, 0])->and($ends)->toBe([16.0, 20.0, 15.0])
        ->and([ColumnChoice::apart($ends), ColumnChoice::apart([]), ColumnChoice::apart([7.0])])->toBe([5.0, 0.0, 0.0]);
});

it('draws the picture within the frame of its tile', function (): void {
    $frame = TileFrame::of(6, 40);
    expect([$frame->across(), $frame->down()])->toBe([12.0, 52.0])
        ->and($frame->pictureIn(new Box(Linear::px(100), Linear::px(10), Linear::px(312), Linear::px(252)))->at(0))->toBe(['left' => 106.0, 'top' => 16.0, 'width' => 300.0, 'height' => 200.0])
        ->and([TileFrame::of(-3, -9)->across(), TileFrame::of(-3, -9)->down()])->toBe([0.0, 0.0])
        ->and(TileFrame::in(designOf(['caption_lines' => 0]))->down())->toBe(0.0)
        ->and(TileFrame::in(designOf(['caption_lines' => 2]))->down())->toBeGreaterThan(TileFrame::in(designOf(['caption_lines' => 1]))->down());
});

it('names shapes as people do, and knows heights', function (int $width, int $height, string $shape): void {
    expect(Shape::of(Size::of($width, $height))->value)->toBe($shape);
})->with([[2000, 1000, 'panorama'], [1999, 1000, 'landscape'], [1051, 1000, 'landscape'], [1050, 1000, 'square'], [1000, 1000, 'square'], [1000, 1050, 'square'], [1000, 1051, 'portrait'], [1, 900, 'portrait']]);

it('makes sizes of whole px, at least one each way', function (): void {
    expect(Size::of(3000, 2000)->heightFor(1000))->toBe(667)->and(Size::of(3000, 1)->heightFor(100))->toBe(1)
        ->and(fn () => Size::of(0, 5))->toThrow(InvalidArgumentException::class, '0 x 5')->and(fn () => Size::of(5, 0))->toThrow(InvalidArgumentException::class)
        ->and(fn () => Ratio::of(0, 1))->toThrow(InvalidArgumentException::class)->and(Ratio::of(3, 2)->value)->toBe(1.5);
});

it('tells the width of a place from that of the window, and back', function (): void {
    $page = ContentWidth::page(18, 1120);
    expect(array_map($page->at(...), [20.0, 36.0, 390.0, 1155.0, 1156.0, 3000.0]))->toBe([0.0, 0.0, 354.0, 1119.0, 1120.0, 1120.0])
        ->and([$page->greatest(), $page->isKnown(), ContentWidth::unknown()->greatest(), ContentWidth::unknown()->isKnown()])->toBe([1120, true, null, false])
        ->and(ContentWidth::unknown()->at(700))->toBe(700.0);
    foreach (range(1, 1120, 13) as $inner) {
        $window = $page->windowFor($inner);
        expect($page->at($window))->toBeGreaterThanOrEqual($inner)->and($page->at($window - 1))->toBeLessThan($inner);
    }
    expect($page->windowFor(1120))->toBe(1156)->and($page->windowFor(1121))->toBeNull()->and($page->windowFor(0))->toBe(36)->and(ContentWidth::unknown()->windowFor(500))->toBe(500);
});

it('names files from wherever they are asked for', function (): void {
    expect(Addresses::rooted()->of('media/a.jpg'))->toBe('/media/a.jpg')->and(Addresses::rooted()->of('/media/a.jpg'))->toBe('/media/a.jpg')
        ->and(Addresses::absolute('https://kites.example')->of('/media/a.jpg'))->toBe('https://kites.example/media/a.jpg')
        ->and(Addresses::relative(0, 'https://h')->of('/a.jpg'))->toBe('a.jpg')->and(Addresses::relative(2, 'https://h')->of('a.jpg'))->toBe('../../a.jpg')->and(Addresses::relative(-1, 'https://h')->ofPage('/a'))->toBe('https://h/a')->and(Addresses::rooted()->ofPage('a'))->toBe('/a');
});

it('writes numbers, lengths and pieces of style', function (): void {
    expect(array_map(static fn (float $value): string => (string) Css::number($value), [0.0, -0.00001, 12.5, 100.0, 1 / 3, -2.50004, 1e7]))->toBe(['0', '0', '12.5', '100', '0.3333', '-2.5', '10000000'])
        ->and((string) Css::number(2 / 3, 1))->toBe('0.7')->and((string) Css::number(9.96, 1))->toBe('10')->and((string) Css::number(140, 0))->toBe('140')
        ->and((string) Css::length(Linear::of(0.5, -10.04), 'vw', 1))->toBe('calc(50vw - 10px)')
        ->and((string) Css::length(Linear::of(0.00001, 5), '%'))->toBe('calc(0.001% + 5px)')->and((string) Css::length(Linear::of(0, -0.00001), 'cqw'))->toBe('0px')
        ->and((string) Css::of('{a}{gap:{gap}px;x:{x}}', ['a' => Css::of('.b'), 'gap' => 8, 'x' => 0.12345]))->toBe('.b{gap:8px;x:0.1235}')
        ->and((string) Css::of('a{{b}}'))->toBe('a{{b}}')
        ->and((string) Css::all(Css::of('a'), Css::none(), Css::of('b')))->toBe('ab')->and((string) Css::list(Css::of('a'), Css::of('b')))->toBe('a,b')
        ->and([Css::none()->isEmpty(), Css::of('a')->isEmpty()])->toBe([true, false]);
});

it('lets nothing into a style sheet that could end it', function (string $name, string $escaped): void {
    expect((string) Css::identifier($name))->toBe($escaped);
})->with([['zp-a1', 'zp-a1'], ['1st', '\31 st'], ['-1', '-\31 '], ['-', '\-'], ['a b', 'a\ b'], ['}</style>', '\}\<\/style\>'], ["a\nb", 'a\a b'], ["\0", "\u{FFFD}"], ['größe', 'größe'], ["\x7F", '\7f ']]);

it('takes colours only as colours', function (): void {
    expect((string) Css::colour('#8090Af'))->toBe('#8090Af');
    foreach (['red', '#fff', '#12345g', '#123456;', "#123456\n", ''] as $bad) {
        expect(fn () => Css::colour($bad))->toThrow(StyleException::class, 'six hexadecimal digits');
    }
});

it('writes elements that cannot be broken out of', function (): void {
    $evil = "\"'><&\xFF";
    expect((string) Element::of('a', ['href' => $evil, 'hidden' => true, 'title' => null, 'open' => false, 'width' => 3, 'x' => 1.5])->text('<b>')->html(CleanHtml::cleanedBefore('<i>x</i>')))
        ->toBe("<a href=\"&quot;&apos;&gt;&lt;&amp;\u{FFFD}\" hidden width=\"3\" x=\"1.5\">&lt;b&gt;<i>x</i></a>")
        ->and((string) Element::of('p')->add(Element::of('img', ['alt' => '']), Element::of('br')))->toBe('<p><img alt=""><br></p>');
    foreach (['img', 'source', 'link', 'meta', 'input', 'br'] as $void) {
        expect((string) Element::of($void)->text('x'))->toBe("<{$void}>");
    }
});

it('tells browsers how wide a picture is drawn, from wide to narrow, each width once', function (): void {
    $sizes = new SizesAttribute;
    $of = static fn (int $from, bool $greatest, Linear ...$lines): SourceSize => new SourceSize($from, $lines, $greatest);
    expect($sizes->of([$of(0, true, Linear::of(1, -36)), $of(600, true, Linear::of(0.5)), $of(800, true, Linear::of(0.5)), $of(1156, true, Linear::px(373.3))]))->toBe('(min-width:1156px) 373.3px, (min-width:600px) 50vw, calc(100vw - 36px)')
        ->and($sizes->of([$of(0, true, Linear::of(1), Linear::px(90))]))->toBe('max(100vw, 90px)')->and($sizes->of([$of(0, false, Linear::of(1), Linear::px(90))]))->toBe('min(100vw, 90px)');
});

it('holds a cropped picture where its focal point asks for', function (): void {
    $picture = static fn (float $x, float $y): ShownPicture => new ShownPicture(Size::of(2000, 1000), FocalPoint::of($x, $y), new Words, '/media/x', []);
    $at = static fn (ShownPicture|ShownText $item, ObjectFit $fit = ObjectFit::Cover): string => (string) ObjectPosition::of($item, Ratio::of(1, 1), $fit);
    expect($at($picture(0.0, 0.5)))->toBe('0% 50%')->and($at($picture(1.0, 0.2)))->toBe('100% 50%')->and($at($picture(0.35, 0.5)))->toBe('20% 50%')
        ->and($at($picture(0.5, 0.9)))->toBe('')->and($at($picture(0.503, 0.5)))->toBe('50.6% 50%')->and($at($picture(0.5001, 0.5)))->toBe('')->and($at($picture(0.0, 0.5), ObjectFit::Contain))->toBe('')->and($at(new ShownText(CleanHtml::cleanedBefore('<p>x</p>'), new Words)))->toBe('');
});

it('speaks to visitors in whole phrases', function (): void {
    $said = static fn (Phrases $p): array => [$p->say('show_all', ['n' => 9]), $p->say('page', ['t' => 'Kites', 'n' => 2]), $p->readText(''), $p->readText('Dawn'), $p->say('picture', ['n' => 1, 'm' => 3]), $p->video('', 2, 3), $p->video('Launch', 2, 3), $p->date(1779926400), $p->leadsTo('Kite', 'saltreed.example', true)];
    expect($said(Phrases::in('en')))->toBe(['Show all 9', 'Kites, page 2', 'Read it whole', 'Read “Dawn”', 'Picture 1 of 3', 'Video: 2 of 3', 'Video: Launch', '28 May 2026', 'Kite, leads to saltreed.example, in a new tab'])
        ->and($said(Phrases::in('de-AT')))->toBe(['Alle 9 zeigen', 'Kites, Seite 2', 'Ganz lesen', '„Dawn“ lesen', 'Bild 1 von 3', 'Video: 2 von 3', 'Video: Launch', '28. Mai 2026', 'Kite, führt zu saltreed.example, in einem neuen Tab'])
        // What nobody has words in, and what is no language at all, is said in English.
        ->and($said(Phrases::in('qx')))->toBe($said(Phrases::in('en')))->and(Phrases::in('../x')->tag)->toBe('en')->and(Phrases::in('DE')->tag)->toBe('de');
});

it('makes pictures small by averaging blocks', function (): void {
    $dice = dice(9);
    foreach ([[8, 4, 4, 2], [9, 5, 3, 5], [96, 64, 32, 32], [5, 3, 7, 6]] as [$width, $height, $columns, $rows]) {
        $pixels = array_map(static fn (): int => $dice->getInt(0, 0xFFFFFF), range(1, $width * $height));
        $made = Raster::of($width, $height, $pixels)->averaged($columns, $rows);
        expect($made)->toHaveCount($columns * $rows);
        foreach ($made as $i => $pixel) {
            [$x, $y] = [$i % $columns, intdiv($i, $columns)];
            $sums = [[], [], []];
            for ($py = min($height - 1, intdiv($y * $height, $rows)), $bottom = max($py + 1, intdiv(($y + 1) * $height, $rows)); $py < $bottom; $py++) {
                for ($px = min($width - 1, intdiv($x * $width, $columns)), $right = max($px + 1, intdiv(($x + 1) * $width, $columns)); $px < $right; $px++) {
                    foreach (str_split(sprintf('%06x', $pixels[$py * $width + $px]), 2) as $channel => $hex) {
                        $sums[$channel][] = hexdec($hex);
                    }
                }
            }
            expect(sprintf('%06x', $pixel))->toBe(implode('', array_map(static fn (array $all): string => sprintf('%02x', intdiv(array_sum($all), count($all))), $sums)));
        }
    }
    $flat = Raster::of(96, 3, array_fill(0, 288, 0x102030));
    expect([$flat->within(96)->width, $flat->within(48)->width, $flat->within(48)->height, $flat->within(95)->width, $flat->within(1)->height])->toBe([96, 48, 1, 48, 1])
        ->and(array_unique($flat->within(48)->pixels))->toBe([0x102030]);
    foreach ([[0, 1], [1, 0], [97, 1], [1, 97]] as [$width, $height]) {
        expect(fn () => Raster::of($width, $height, array_fill(0, max(0, $width * $height), 0)))->toThrow(InvalidArgumentException::class, '1 to 96');
    }
    expect(Raster::of(96, 96, array_fill(0, 9216, 0))->width)->toBe(96)->and(fn () => Raster::of(2, 2, [1, 2, 3]))->toThrow(InvalidArgumentException::class, 'has 4 pixels, got 3');
});

it('names the colour that says most, and joins what is one', function (): void {
    // Three quarters grey, a quarter a strong red: one says "red".
    $palette = Palette::of(Raster::of(20, 20, [...array_fill(0, 300, 0x808080), ...array_fill(0, 100, 0xD02020)]));
    expect(array_map(static fn ($swatch): float => round($swatch->share, 3), $palette->swatches))->toBe([0.75, 0.25])
        ->and($palette->main()->distance(Oklab::fromRgb(0xD02020)))->toBeLessThan(0.03)
        // What differs by a hair is one colour, with the share of both.
        ->and(Palette::of(Raster::of(20, 20, [...array_fill(0, 200, 0x808080), ...array_fill(0, 200, 0x909090)]))->swatches)->toHaveCount(1)
        ->and(Palette::fromArray([])->main()->l)->toBe(0.6)
        ->and(Palette::fromArray($palette->toArray())->toArray())->toBe($palette->toArray());
});

it('counts the bits in which two looks differ', function (): void {
    $dice = dice(11);
    $hexes = array_map(static fn (): string => bin2hex($dice->getBytes(8)), range(1, 40));
    $hexes[] = substr_replace($hexes[0], dechex(hexdec($hexes[0][15]) ^ 1), 15, 1);
    // One and the same, and one that differs at its very beginning.
    array_push($hexes, $hexes[1], substr_replace($hexes[2], dechex(hexdec($hexes[2][0]) ^ 8), 0, 1));
    $looks = [...array_map(PerceptualHash::parse(...), $hexes), null];
    $bits = static fn (string $one, string $other): int => substr_count(implode('', array_map(static fn (string $a, string $b): string => decbin(hexdec($a) ^ hexdec($b)), str_split($one), str_split($other))), '1');
    $alike = new LookAlikes($looks);
    // A mirror image has another sign in every other frequency across: the first, third, fifth and seventh bit of each eight.
    $mirror = implode('', array_map(static fn (string $digit): string => dechex(hexdec($digit) ^ 0b1010), str_split($hexes[0])));
    foreach ([0, 1, 26] as $most) {
        $wanted = [];
        foreach ($hexes as $i => $one) {
            foreach ($hexes as $j => $other) {
                if ($i !== $j && $bits($one, $other) <= $most) {
                    $wanted[$i][$j] = $bits($one, $other);
                }
            }
        }
        $pairs = array_map(static function (array $near): array {
            ksort($near);

            return $near;
        }, $alike->pairs($most));
        ksort($pairs);
        expect($pairs)->toBe($wanted)->and($alike->near($looks[0], $most))->toEqual(array_filter(array_map(static fn (string $other): int => min($bits($hexes[0], $other), $bits($mirror, $other)), $hexes), static fn (int $all): bool => $all <= $most));
    }
    foreach (['', 'g000000000000000', '0000', str_repeat('0', 17), 'F000000000000000'] as $bad) {
        expect(fn () => PerceptualHash::parse($bad))->toThrow(InvalidArgumentException::class);
    }
});

it('repeats what comes from outside short and safe', function (): void {
    expect(Foreign::word(str_repeat('é', 60)))->toBe(str_repeat('é', 60))->and(Foreign::word(str_repeat('é', 61)))->toBe(str_repeat('é', 59).'…')
        ->and(Foreign::word("a\n\t\u{202E}b"))->toBe('a b')
        ->and(array_map(Foreign::shown(...), ['x', 7, 1.5, true, false, null, [], new stdClass]))->toBe(['"x"', '7', '1.5', 'true', 'false', 'nothing', 'array', 'stdClass']);
});
