<?php

declare(strict_types=1);

namespace Tests\Core\Css;

use LogicException;

/**
 * Lays the tiles of one list out as a browser does, from our style sheet alone: grid, lines that wrap,
 * one line, and absolute places. It shares no line with the code that wrote the sheet, and knows the
 * shapes of the pictures only from what the sheet says.
 *
 * A length is rounded down to a 64th of a px, as browsers do it.
 */
final readonly class Browser
{
    private StyleSheet $sheet;

    /**
     * @param  float  $width  px of the gallery's inner width
     * @param  float  $caption  px that a caption takes below each picture, as its own rule says
     */
    public function __construct(string $css, private string $pane, private int $section, private int $count, private float $width)
    {
        $this->sheet = new StyleSheet($css);
    }

    /**
     * @return list<array{tile: array{left: float, top: float, width: float, height: float}, picture: array{left: float, top: float, width: float, height: float}}>
     */
    public function boxes(): array
    {
        $list = $this->sheet->declared($this->width, $this->isList(...));
        $tiles = [];
        for ($i = 0; $i < $this->count; $i++) {
            $tiles[] = $this->tile($i);
        }

        return match (true) {
            ($list['position'] ?? '') === 'relative' && ($tiles[0]['position'] ?? '') === 'absolute' => $this->placed($tiles),
            ($list['display'] ?? '') === 'grid' => $this->grid($list, $tiles),
            ($list['flex-wrap'] ?? '') === 'wrap' => $this->wrapped($list, $tiles),
            default => $this->oneLine($list, $tiles),
        };
    }

    /** The height that the sheet gives the list; null where the tiles do. */
    public function height(): ?float
    {
        $list = $this->sheet->declared($this->width, $this->isList(...));

        return isset($list['height']) && $list['height'] !== 'auto' ? (new Calc($list, 0, $this->width))->value($list['height']) : null;
    }

    private function isList(string $selector): ?int
    {
        return match ($selector) {
            "{$this->pane} .zp-tiles" => 20,
            "{$this->pane} .zp-s{$this->section}" => 20,
            default => null,
        };
    }

    private function isTile(string $selector, int $index): ?int
    {
        $list = "{$this->pane} .zp-s{$this->section}";
        if ($selector === "{$this->pane} li") {
            return 11;
        }
        if ($selector === "{$list}>li") {
            return 21;
        }
        if ($selector === "{$list}>.zp-n".($index + 1)) {
            return 30;
        }
        if (preg_match('/^'.preg_quote($list, '/').'>:nth-child\((n\+)?(\d+)\)$/', $selector, $found) !== 1) {
            return null;
        }
        $place = (int) $found[2];

        return ($found[1] === '' ? $index + 1 === $place : $index + 1 >= $place) ? 30 : null;
    }

    private function isFirstChild(string $selector): ?int
    {
        return match ($selector) {
            "{$this->pane} li>:first-child" => 21,
            "{$this->pane} .zp-s{$this->section}>li>:first-child" => 31,
            default => null,
        };
    }

    private function isCaption(string $selector): ?int
    {
        return $selector === "{$this->pane} .zp-caption" ? 20 : null;
    }

    /**
     * @return array<string, string>
     */
    private function tile(int $index): array
    {
        return $this->sheet->declared($this->width, fn (string $selector): ?int => $this->isTile($selector, $index));
    }

    /**
     * How high a tile of a width is, and where its picture stands in it.
     *
     * @param  array<string, string>  $tile
     * @return array{float, array{left: float, top: float, width: float, height: float}}
     */
    private function inside(array $tile, float $width, ?float $height = null): array
    {
        $inset = (float) ($tile['padding'] ?? 0) + (float) ($tile['border'] ?? 0);
        if ($inset > 0.0 && ($tile['box-sizing'] ?? '') !== 'border-box') {
            throw new LogicException('The padding would come on top.');
        }
        $child = $this->sheet->declared($this->width, $this->isFirstChild(...));
        $caption = $this->sheet->declared($this->width, $this->isCaption(...));
        $below = $caption === [] || ($caption['display'] ?? '') === 'none' ? 0.0 : (float) $caption['height'] + (float) $caption['margin'];
        $calc = new Calc($tile, $width, $this->width);
        $given = trim($calc->filled($child['height'] ?? 'auto'));
        $shape = trim($calc->filled($child['aspect-ratio'] ?? 'auto'));
        $pictureWidth = $width - 2 * $inset;
        $pictureHeight = match (true) {
            $given === '100%' => ($height ?? throw new LogicException('100 % of nothing.')) - 2 * $inset,
            preg_match('/^calc\(100% - ([\d.]+)px\)$/', $given, $less) === 1 => ($height ?? throw new LogicException('100 % of nothing.')) - 2 * $inset - (float) $less[1],
            $given !== 'auto' => $calc->value($given),
            $shape !== 'auto' => $pictureWidth / $calc->value($shape),
            default => throw new LogicException('A picture without height.'),
        };

        return [$height ?? $pictureHeight + 2 * $inset + $below, ['left' => $inset, 'top' => $inset, 'width' => $pictureWidth, 'height' => $pictureHeight]];
    }

    private function box(array $tile, float $left, float $top, float $width, ?float $height = null): array
    {
        [$high, $picture] = $this->inside($tile, $width, $height);

        return [
            'tile' => ['left' => $left, 'top' => $top, 'width' => $width, 'height' => $high],
            'picture' => [...$picture, 'left' => $left + $picture['left'], 'top' => $top + $picture['top']],
        ];
    }

    private function placed(array $tiles): array
    {
        return array_map(function (array $tile): array {
            $calc = new Calc($tile, $this->width, $this->width);

            return $this->box($tile, $calc->value($tile['left']), $calc->value($tile['top']), $calc->value($tile['width']));
        }, $tiles);
    }

    /** https://www.w3.org/TR/css-grid-1/ for equal columns, with single tiles that span their row. */
    private function grid(array $list, array $tiles): array
    {
        $gap = (float) $list['gap'];
        $columns = 1;
        if (isset($list['grid-template-columns'])) {
            preg_match('/^repeat\((\d+),minmax\(0,1fr\)\)$/', $list['grid-template-columns'], $found) === 1 || throw new LogicException('Other columns.');
            $columns = (int) $found[1];
        }
        $column = ($this->width - ($columns - 1) * $gap) / $columns;
        $rows = $boxes = [];
        foreach ($tiles as $i => $tile) {
            $row = intdiv($i, $columns);
            $calc = new Calc($tile, $this->width, $this->width);
            $spans = isset($tile['grid-area']);
            if ($spans) {
                preg_match('~^(\d+)/1/auto/-1$~', $tile['grid-area'], $found) === 1 || throw new LogicException('Another area.');
                $row = (int) $found[1] - 1;
            }
            $left = $spans ? $calc->value($tile['margin-inline-start']) : ($i % $columns) * ($column + $gap);
            $box = $this->box($tile, $left, 0.0, $spans ? $calc->value($tile['width']) : $column);
            $boxes[] = [$row, $box];
            $rows[$row] = max($rows[$row] ?? 0.0, $box['tile']['height']);
        }
        ksort($rows);
        $tops = [];
        $top = 0.0;
        foreach ($rows as $row => $high) {
            $tops[$row] = $top;
            $top += $high + $gap;
        }

        return array_map(static fn (array $each): array => self::lowered($each[1], $tops[$each[0]]), $boxes);
    }

    private static function lowered(array $box, float $by): array
    {
        return array_map(static fn (array $place): array => [...$place, 'top' => $place['top'] + $by], $box);
    }

    /** https://www.w3.org/TR/css-flexbox-1/#algo-line-break, every length a 64th of a px coarse. */
    private function wrapped(array $list, array $tiles): array
    {
        $gap = (float) $list['gap'];
        $boxes = $line = [];
        $top = $used = $high = 0.0;
        $close = function () use (&$boxes, &$line, &$used, $list): void {
            $shift = ($list['justify-content'] ?? '') === 'center' ? ($this->width - $used) / 2 : 0.0;
            foreach ($line as $box) {
                $boxes[] = array_map(static fn (array $place): array => [...$place, 'left' => $place['left'] + $shift], $box);
            }
            $line = [];
        };
        foreach ($tiles as $tile) {
            $calc = new Calc($tile, $this->width, $this->width);
            $width = floor(64 * $calc->value($tile['width'])) / 64;
            $down = isset($tile['margin']) && str_starts_with($tile['margin'], 'calc') ? $calc->value(substr($tile['margin'], 0, -4)) : 0.0;
            $back = isset($tile['margin-inline-start']) ? $calc->value($tile['margin-inline-start']) : 0.0;
            $left = ($line === [] ? 0.0 : $used + $gap) + $back;
            if ($line !== [] && $left + $width > $this->width + 1e-9) {
                $close();
                [$top, $used, $high, $left] = [$top + $high + $gap, 0.0, 0.0, $back];
            }
            $box = $this->box($tile, $left, $top + $down, $width);
            $line[] = $box;
            $used = $left + $width;
            $high = max($high, $down + $box['tile']['height']);
        }
        $close();

        return $boxes;
    }

    private function oneLine(array $list, array $tiles): array
    {
        $height = (new Calc($list, 0, $this->width))->value($list['height']);
        $left = 0.0;
        $boxes = [];
        foreach ($tiles as $tile) {
            $width = (new Calc($tile, $this->width, $this->width))->value($tile['width']);
            $boxes[] = $this->box($tile, $left, 0.0, $width, $height);
            $left += $width + (float) $list['gap'];
        }

        return $boxes;
    }
}
