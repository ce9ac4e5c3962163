<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Markup\BlocksCss;
use ZincPane\Core\Markup\Section;
use ZincPane\Core\Markup\SectionCss;
use ZincPane\Core\Markup\ShownPicture;

covers(BlocksCss::class, SectionCss::class);

/** The custom properties that hold for each tile at a width of the gallery, as a browser reads the rules from first to last. */
function readTiles(string $css, int $count, float $width): array
{
    $tiles = array_fill(1, $count, []);
    $read = static function (string $rules) use (&$tiles, $count): void {
        preg_match_all('/>:nth-child\((n\+)?(\d+)\)\{([^}]*)\}/', $rules, $found, PREG_SET_ORDER);
        foreach ($found as [, $from, $place, $said]) {
            foreach (explode(';', $said) as $each) {
                [$name, $value] = explode(':', $each);
                for ($i = (int) $place; $i <= ($from === '' ? (int) $place : $count); $i++) {
                    $tiles[$i][$name] = $value;
                }
            }
        }
    };
    $read((string) preg_replace('/@container [^{]*\{(?:[^{}]*\{[^}]*\})*\}/', '', $css));
    preg_match_all('/@container ([^{]*)\{((?:[^{}]*\{[^}]*\})*)\}/', $css, $bands, PREG_SET_ORDER);
    foreach ($bands as [, $condition, $rules]) {
        $from = preg_match('/width >= (\d+)px/', $condition, $m) === 1 ? (int) $m[1] : 0;
        $until = preg_match('/width < (\d+)px/', $condition, $m) === 1 ? (int) $m[1] : INF;
        if ($width >= $from && $width < $until) {
            $read($rules);
        }
    }

    return $tiles;
}

/**
 * Where lines that wrap put the tiles (https://www.w3.org/TR/css-flexbox-1/#algo-line-break), with every
 * length rounded against us by half of the 64th of a px that browsers reckon in.
 *
 * @return list<array{left: float, top: float, width: float, line: int}>
 */
function flow(array $tiles, LayoutDesign $layout, float $width): array
{
    $between = $layout->gap + $layout->belowPicture();
    $places = [];
    $top = $used = $high = 0.0;
    $line = 0;
    foreach ($tiles as $tile) {
        $k = (float) ($tile['--k'] ?? 0);
        $w = (((($tile['--o'] ?? '100%') === '100%' ? $width : 0.0) - (float) $tile['--p']) / (float) $tile['--s'] - (float) ($tile['--m'] ?? 0) * $between) * (float) ($tile['--f'] ?? $tile['--r']) - 0.02;
        $down = $k * $between + (float) ($tile['--y'] ?? 0) * $w;
        $back = min($k, 1) * (-$w - $layout->gap);
        $first = $used === 0.0;
        $next = ($first ? 0.0 : $used + $layout->gap) + $back + $w + 1 / 128;
        if (! $first && $next > $width) {
            [$top, $used, $high, $line, $first, $next] = [$top + $high + $layout->gap, 0.0, 0.0, $line + 1, true, $back + $w + 1 / 128];
        }
        $places[] = ['left' => ($first ? 0.0 : $used + $layout->gap) + $back, 'top' => $top + $down, 'width' => $w, 'line' => $line];
        $used = $next;
        $high = max($high, $down + $w / (float) $tile['--r'] + $layout->belowPicture());
    }

    return $places;
}

it('says rows and mosaics so that every tile flows to its box, at any width and however lengths are rounded', function (array $layout): void {
    $dice = new Randomizer(new Mt19937(12));
    foreach ([1, 2, 3, 5, 9, 26, 70] as $count) {
        $items = [];
        for ($i = 0; $i < $count; $i++) {
            // Odd sizes, as tidying leaves them.
            $items[] = new ShownPicture(Size::of($dice->getInt(500, 4000), $dice->getInt(700, 2600)), FocalPoint::centre(), new Words, '', []);
        }
        $design = GalleryDesign::default()->with(['layout' => $layout]);
        $section = Section::of($items, array_fill(0, $count, null), Albums::parse([], AlbumView::None->value), $design)[0];
        $css = (new SectionCss('p', 0, $design->layout, $section))->render();
        for ($trial = 0; $trial < 60; $trial++) {
            $width = $dice->getInt(240 * 64, 2560 * 64) / 64;
            $band = $section->arrangement->at($width);
            foreach (flow(readTiles($css, $count, $width), $design->layout, $width) as $i => $place) {
                $box = $band->boxes->get($i)->at($width);
                // In a line that starts at the left; a centred one is shifted as a whole.
                $isShifted = $design->layout->lastRow->value === 'centre' && $i >= max($band->rowStarts);
                expect($place['width'])->toEqualWithDelta($box['width'], 0.4, "width of {$i} of {$count} at {$width}")
                    ->and($place['top'])->toEqualWithDelta($box['top'], 0.4 + 0.05 * $place['line'], "top of {$i} of {$count} at {$width}");
                if (! $isShifted) {
                    expect($place['left'])->toEqualWithDelta($box['left'], 0.4, "left of {$i} of {$count} at {$width}");
                }
            }
        }
    }
})->with([
    'rows, balanced' => [['kind' => 'rows', 'last_row' => 'balance']],
    'low rows without gaps' => [['kind' => 'rows', 'row_height' => 90, 'gap' => 0, 'last_row' => 'start']],
    'rows, centred, with captions' => [['kind' => 'rows', 'row_height' => 260, 'gap' => 17, 'last_row' => 'centre', 'caption_lines' => 2]],
    'rows, filled' => [['kind' => 'rows', 'row_height' => 180, 'gap' => 40, 'last_row' => 'fill']],
    'a mosaic' => [['kind' => 'mosaic', 'row_height' => 160]],
    'a mosaic with captions' => [['kind' => 'mosaic', 'row_height' => 240, 'gap' => 25, 'caption_lines' => 3]],
    'a mosaic without gaps' => [['kind' => 'mosaic', 'gap' => 0]],
]);
