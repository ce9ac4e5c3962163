<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Layout\BandArrangement;

/**
 * Tiles in their own shapes as lines that wrap: tiled rows, and the blocks of a mosaic.
 *
 * The height of a line is said once, with its first tile, and holds until the next line says its
 * own: (W - p) / s, W being the width of the gallery. From it follows the width of each tile that
 * is as high as its line by its shape r, and that of a stack of m + 1 tiles by its factor
 * f = 1 / Σ(1 / r), less what gaps and captions take within it. What stands further down in a
 * stack is pulled back under the first of it, so that the line goes on where the stack ends.
 */
final readonly class BlocksCss implements PlacesCss
{
    /** px that each tile is narrower, so that no rounding pushes the last one of a line down. */
    private const SAFETY = '.02px';

    private const DECIMALS = 4;

    /** px from one picture of a stack to the next. */
    private int $between;

    public function __construct(private string $list, private LayoutDesign $layout)
    {
        $this->between = $layout->gap + $layout->belowPicture();
    }

    public function always(): string
    {
        $start = $this->layout->lastRow === LastRow::Centre ? 'center' : 'flex-start';

        return "{$this->list}{display:flex;flex-wrap:wrap;justify-content:{$start};align-items:flex-start}"
            ."{$this->list}>li{--w:calc(((var(--o,100%) - var(--p)*1px)/var(--s) - var(--m,0)*{$this->between}px)*var(--f,var(--r)) - ".self::SAFETY.');width:var(--w);'
            ."margin:calc(var(--k,0)*{$this->between}px + var(--y,0)*var(--w)) 0 0;margin-inline-start:calc(min(var(--k,0),1)*(-1*var(--w) - {$this->layout->gap}px))}";
    }

    public function band(int $number, BandArrangement $band, array $items, TileRules $rules): string
    {
        $css = '';
        foreach ($band->rowStarts as $n => $start) {
            $css .= $this->line($band->boxes, $items, $start, $band->rowStarts[$n + 1] ?? count($items));
        }

        return $css;
    }

    public function cut(string $closed, BandArrangement $band, int $first): string
    {
        return '';
    }

    /**
     * @param  list<Shown>  $items
     * @param  int  $end  the first tile of the next line
     */
    private function line(Boxes $boxes, array $items, int $start, int $end): string
    {
        $high = $this->height($boxes, $start, $end);
        $sum = $covered = 0.0;
        $stacks = '';
        for ($i = $start; $i < $end; $i += $size) {
            for ($size = 1; $i + $size < $end && $boxes->lefts[$i + $size] == $boxes->lefts[$i];) {
                $size++;
            }
            $factor = $size === 1 ? $items[$i]->ratio()->value : $boxes->widths[$i]->a / $high->a;
            $sum += round($factor, self::DECIMALS);
            $covered += $boxes->widths[$i]->a;
            $stacks .= $size === 1 ? '' : $this->stack($items, $i, $size, $factor);
        }
        $selector = "{$this->list}>:nth-child(n+".($start + 1).')';
        if ($high->a === 0.0) {
            // A last line whose height does not follow the width.
            return "{$selector}{--o:0px;--s:1;--p:".Css::number(-$high->b, 2).'}'.$stacks;
        }
        // A full line is told by what its tiles are told, so that together they are neither wider nor narrower.
        $divisor = abs($covered - 1) < 1e-9 ? $sum : 1 / $high->a;
        $px = ceil(-10 * $high->b / $high->a - 1e-6) / 10;

        return "{$selector}{--s:".Css::number($divisor, self::DECIMALS).';--p:'.Css::number($px, 1).'}'.$stacks;
    }

    /** Of a line, from the first picture in it to the lowest, without what is below that. */
    private function height(Boxes $boxes, int $start, int $end): Linear
    {
        $last = $end - 1;
        $top = $boxes->tops[$start];
        $a = $boxes->tops[$last]->a + $boxes->heights[$last]->a - $top->a;

        return Linear::of($a, $boxes->tops[$last]->b + $boxes->heights[$last]->b - $top->b - $this->layout->belowPicture());
    }

    /**
     * @param  list<Shown>  $items
     */
    private function stack(array $items, int $first, int $size, float $factor): string
    {
        $said = '--f:'.Css::number($factor, self::DECIMALS).';--m:'.($size - 1);
        $css = '';
        $above = 0.0;
        for ($k = 0; $k < $size; $k++) {
            $css .= "{$this->list}>:nth-child(".($first + $k + 1)."){{$said}".($k === 0 ? '' : ";--k:{$k};--y:".Css::number($above, self::DECIMALS)).'}';
            $above += 1 / $items[$first + $k]->ratio()->value;
        }

        return $css;
    }
}
