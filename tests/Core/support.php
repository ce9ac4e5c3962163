<?php

declare(strict_types=1);

// What several files of tests of the core begin with.

use Random\Randomizer;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\GridLayout;
use ZincPane\Core\Layout\Layout;
use ZincPane\Core\Layout\MasonryLayout;
use ZincPane\Core\Layout\MosaicLayout;
use ZincPane\Core\Layout\RowsLayout;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Layout\SingleLayout;
use ZincPane\Core\Layout\StripLayout;
use ZincPane\Core\Layout\TileFrame;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Settings\Kinds\ByItself;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Tidying\Recipe;
use ZincPane\Core\Tidying\Tidied;

/** A design of which the layout is told, and how many lines of caption stand below each picture; and the finish. */
function designOf(array $layout, array $finish = []): GalleryDesign
{
    $lines = $layout['caption_lines'] ?? 0;
    $captions = $lines === 0 ? [] : ['place' => 'below', 'lines' => $lines, 'hidden_within' => $layout['hidden_within'] ?? 0];
    unset($layout['caption_lines'], $layout['hidden_within']);

    return GalleryDesign::default()->with(['layout' => $layout, 'finish' => array_replace_recursive(['captions' => $captions], $finish)]);
}

/**
 * Any layout that may be saved: every setting of the registry at a random value of its kind, now and then an end of its range.
 *
 * @return array<string, mixed>
 */
function anyLayout(Randomizer $dice): array
{
    $layout = [];
    foreach (array_filter(GalleryDesign::settings(), static fn (string $path): bool => str_starts_with($path, 'layout.'), ARRAY_FILTER_USE_KEY) as $path => $setting) {
        $kind = $setting->kind;
        $value = match (true) {
            $kind instanceof ByItself && $dice->getInt(0, 1) === 0 => null,
            default => anyOf($kind instanceof ByItself ? $kind->kind : $kind, $dice),
        };
        $keys = explode('.', $path);
        count($keys) === 2 ? $layout[$keys[1]] = $value : $layout[$keys[1]][$keys[2]] = $value;
    }

    return $layout;
}

/**
 * Any finish that may be saved.
 *
 * @return array<string, array<string, mixed>>
 */
function anyFinish(Randomizer $dice): array
{
    $finish = [];
    foreach (GalleryDesign::settings() as $path => $setting) {
        $keys = explode('.', $path);
        if ($keys[0] === 'finish' && count($keys) === 3 && $keys[1] !== 'own') {
            $kind = $setting->kind;
            $finish[$keys[1]][$keys[2]] = $kind instanceof ByItself && $dice->getInt(0, 1) === 0 ? null : anyOf($kind instanceof ByItself ? $kind->kind : $kind, $dice);
        }
    }

    return $finish;
}

function anyOf(object $kind, Randomizer $dice): mixed
{
    if ($kind instanceof WholeNumber) {
        return match ($dice->getInt(0, 5)) {
            0 => $kind->least,
            1 => $kind->most,
            default => $dice->getInt($kind->least, $kind->most),
        };
    }
    $facts = $kind->control()->toArray();
    if ($facts['control'] === 'flag') {
        return $dice->getInt(0, 1) === 1;
    }
    if ($facts['control'] === 'colour') {
        return sprintf('#%06x', $dice->getInt(0, 0xFFFFFF));
    }
    if ($facts['control'] === 'picture') {
        return '';
    }
    $values = [...array_column($facts['options'], 'value'), ...($facts['control'] === 'shape' ? ['5:1', '1:5', '99:98', '7:5'] : [])];

    return $values[$dice->getInt(0, count($values) - 1)];
}

/**
 * @return list<Ratio> as cameras make them, now and then a panorama
 */
function someShapes(int $count, int $seed): array
{
    $dice = dice($seed);
    $known = [1.5, 1.5, 0.667, 1.333, 0.75, 1.778, 1.0, 0.5625, 2.4];

    return array_map(static fn (): Ratio => Ratio::of($known[$dice->getInt(0, 8)], 1), $count === 0 ? [] : range(1, $count));
}

/** A layout by its kind, with whatever around each tile. */
function layoutOf(GalleryDesign $design, TileFrame $frame): Layout
{
    $class = [
        'grid' => GridLayout::class, 'masonry' => MasonryLayout::class, 'rows' => RowsLayout::class, 'mosaic' => MosaicLayout::class,
        'strip' => StripLayout::class, 'slideshow' => StripLayout::class, 'single' => SingleLayout::class,
    ][$design->layout->kind->value];

    return new $class($design->layout, $frame);
}

function laidOut(array $layout, array $pictures, array $large = []): Arrangement
{
    return Arranger::layout(designOf($layout))->arrange($pictures, $large);
}

/**
 * Pictures of some shapes, with nothing said of them and no file.
 *
 * @param  list<Ratio>  $shapes
 * @return list<ShownPicture>
 */
function shownAs(array $shapes): array
{
    return array_map(static fn (Ratio $shape): ShownPicture => new ShownPicture(Size::of((int) round(3000 * $shape->value), 3000), FocalPoint::centre(), new Words, '/media/x', []), $shapes);
}

/**
 * @param  list<Shown>  $items
 */
function galleryOf(array $items, ?GalleryDesign $design = null, ?Albums $albums = null, ?array $inAlbums = null, ?About $about = null, array $large = []): FrozenGallery
{
    $count = count($items);

    return new FrozenGallery(
        $about ?? About::titled('Kites'), $design ?? GalleryDesign::default(), $albums ?? Albums::none(), $items,
        $inAlbums ?? array_fill(0, $count, null), $large === [] ? array_fill(0, $count, false) : $large,
    );
}

function drawnAs(FrozenGallery $gallery, ?ContentWidth $content = null, ?Addresses $addresses = null): Fragment
{
    return (new GalleryMarkup('p1', $gallery, $gallery->sections(new Sections(new Arranger)), $content ?? ContentWidth::page(18, 1120), $addresses ?? Addresses::rooted()))->render();
}

/** A gallery of six items with words, albums, a text and a hidden one. */
function galleryDocument(string $ids = 'abcdef'): GalleryDocument
{
    $albums = Albums::parse([['id' => 'A1', 'name' => 'Morning'], ['id' => 'A2', 'name' => 'Evening']], 'headings');

    return new GalleryDocument(About::titled('Kites'), GalleryDesign::default(), $albums, array_map(
        static fn (string $id): Item => new Item($id, $id === 'f' ? null : "picture-{$id}", ItemWords::parse(['title' => "Title {$id}"]), $id === 'f' ? '<p>Hello</p>' : null, $id < 'c' ? 'A1' : null, $id === 'd'),
        str_split($ids),
    ), array_combine(
        array_map(static fn (string $id): string => "picture-{$id}", str_split($ids)),
        array_map(static fn (string $id): Tidied => new Tidied(Size::of(300 + 10 * ord($id), 400), Recipe::fromArray($id === 'b' ? ['turn' => 1] : []), FocalPoint::of(0.25, 0.5), $id === 'c'), str_split($ids)),
    ));
}

/**
 * @return list<array<string, float>> of the pictures, px
 */
function boxesAt(BandArrangement $band, float $width): array
{
    return array_map(static fn (int $i): array => $band->picture($i)->at($width), array_keys(iterator_to_array($band->boxes)));
}

/** All ways to break so many pictures into rows: the first tile of each. */
function allBreaks(int $count): Generator
{
    for ($mask = 0; $mask < 2 ** ($count - 1); $mask++) {
        yield [0, ...array_values(array_filter($count > 1 ? range(1, $count - 1) : [], static fn (int $i): bool => ($mask >> ($i - 1) & 1) === 1))];
    }
}

/**
 * @return list<array{top: float, left: float, right: float, height: float}>
 */
function rowsOf(BandArrangement $band, float $width): array
{
    $rows = [];
    foreach ($band->boxes as $box) {
        $place = $box->at($width);
        $top = (string) round($place['top'], 3);
        $rows[$top] = [
            'top' => $place['top'], 'left' => min($rows[$top]['left'] ?? INF, $place['left']),
            'right' => max($rows[$top]['right'] ?? 0.0, $place['left'] + $place['width']), 'height' => max($rows[$top]['height'] ?? 0.0, $place['height']),
        ];
    }

    return array_values($rows);
}

/** Whether a point of a picture, in shares of it, is in view where it covers a tile and is held as CSS holds it. */
function inView(Subject $subject, float $width, float $height, float $x, float $y): bool
{
    // The picture is as small as covers the tile; its focal point is brought as near to the middle as its edges allow.
    $drawnWidth = max($width, $height * $subject->ratio->value);
    $drawnHeight = $drawnWidth / $subject->ratio->value;
    $left = min(0, max($width - $drawnWidth, $width / 2 - $subject->focal->x * $drawnWidth));
    $top = min(0, max($height - $drawnHeight, $height / 2 - $subject->focal->y * $drawnHeight));
    [$atX, $atY] = [$left + $x * $drawnWidth, $top + $y * $drawnHeight];

    return $atX > -1e-6 && $atX < $width + 1e-6 && $atY > -1e-6 && $atY < $height + 1e-6;
}
