<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\TileFrame;
use ZincPane\Core\Markup\Style\Css;

/**
 * Tiles in their own shapes as lines that wrap: tiled rows, and the blocks of a mosaic.
 *
 * The height of a line is said once, with its first tile, and holds until the next line says its
 * own: (W - p) / s, W being the width of the gallery. From it follows the width of each picture that
 * is as high as its line by its shape r, and that of a stack of m + 1 pictures by its factor
 * f = 1 / Σ(1 / r), less what gaps, frames and captions take within it. What stands further down in a
 * stack is pulled back under the first of it, so that the line goes on where the stack ends.
 */
final readonly class BlocksCss implements PlacesCss
{
    /** px that each tile is narrower, so that no rounding pushes the last one of a line down. */
    private const SAFETY = 0.02;

    private const DECIMALS = 4;

    /** px from one picture of a stack to the next. */
    private float $between;

    /**
     * @param  Css  $list  selector of the list of tiles
     */
    public function __construct(private Css $list, private LayoutDesign $layout, private TileFrame $frame)
    {
        $this->between = $layout->gap + $frame->down();
    }

    public function always(): Css
    {
        return Css::of(
            '{list}{display:flex;flex-wrap:wrap;justify-content:{start};align-items:flex-start}'
            .'{list}>li{--w:calc(((var(--o,100%) - var(--p)*1px)/var(--s) - var(--m,0)*{between}px)*var(--f,var(--r)) - {safety}px);width:{width};'
            .'margin:calc(var(--k,0)*{between}px + var(--y,0)*var(--w)) 0 0;margin-inline-start:calc(min(var(--k,0),1)*(-1*var(--w) - {back}px))}',
            [
                'list' => $this->list, 'between' => $this->between, 'safety' => self::SAFETY, 'back' => $this->layout->gap + $this->frame->across(),
                'start' => Css::of($this->layout->lastRow === LastRow::Centre ? 'center' : 'flex-start'),
                'width' => $this->frame->across() > 0.0 ? Css::of('calc(var(--w) + {across}px)', ['across' => $this->frame->across()]) : Css::of('var(--w)'),
            ],
        );
    }

    public function band(int $number, BandArrangement $band, array $items, TileRules $rules): Css
    {
        $lines = [];
        foreach ($band->rowStarts as $n => $start) {
            $lines[] = $this->line($band->boxes, $items, $start, $band->rowStarts[$n + 1] ?? count($items));
        }

        return Css::all(...$lines);
    }

    public function cut(Css $closed, BandArrangement $band, int $first): Css
    {
        return Css::none();
    }

    /**
     * @param  list<Shown>  $items
     * @param  int  $end  the first tile of the next line
     */
    private function line(Boxes $boxes, array $items, int $start, int $end): Css
    {
        $high = $this->height($boxes, $start, $end);
        $sum = $covered = 0.0;
        $stacks = [];
        for ($i = $start; $i < $end; $i += $size) {
            $size = $this->stacked($boxes, $i, $end);
            $factor = $size === 1 ? $items[$i]->ratio()->value : $boxes->widths[$i]->a / $high->a;
            $sum += round($factor, self::DECIMALS);
            $covered += $boxes->widths[$i]->a;
            if ($size > 1) {
                $stacks[] = $this->stack($items, $i, $size, $factor);
            }
        }
        $all = Css::all(...$stacks);
        if ($high->a === 0.0) {
            // A last line whose height does not follow the width.
            return Css::of('{list}>:nth-child(n+{n}){--o:0px;--s:1;--p:{p}}{stacks}', ['list' => $this->list, 'n' => $start + 1, 'p' => Css::number(-$high->b, 2), 'stacks' => $all]);
        }

        return Css::of('{list}>:nth-child(n+{n}){--s:{s};--p:{p}}{stacks}', [
            'list' => $this->list, 'n' => $start + 1, 'stacks' => $all,
            // A full line is told by what its tiles are told, so that together they are neither wider nor narrower.
            's' => Css::number(abs($covered - 1) < 1e-9 ? $sum : 1 / $high->a, self::DECIMALS),
            'p' => Css::number(ceil(-10 * $high->b / $high->a - 1e-6) / 10, 1),
        ]);
    }

    /** How many tiles from one on stand one below the other. */
    private function stacked(Boxes $boxes, int $first, int $end): int
    {
        // The tiles of a stack share their left edge, the very same line.
        $size = 1;
        while ($first + $size < $end && $boxes->lefts[$first + $size] === $boxes->lefts[$first]) {
            $size++;
        }

        return $size;
    }

    /** Of a line, from the first picture in it to the lowest, without what is around them. */
    private function height(Boxes $boxes, int $start, int $end): Linear
    {
        $last = $end - 1;
        $top = $boxes->tops[$start];
        $a = $boxes->tops[$last]->a + $boxes->heights[$last]->a - $top->a;

        return Linear::of($a, $boxes->tops[$last]->b + $boxes->heights[$last]->b - $top->b - $this->frame->down());
    }

    /**
     * @param  list<Shown>  $items
     */
    private function stack(array $items, int $first, int $size, float $factor): Css
    {
        $rules = [];
        $above = 0.0;
        for ($k = 0; $k < $size; $k++) {
            $rules[] = Css::of($k === 0 ? '{list}>.zp-n{n}{--f:{f};--m:{m}}' : '{list}>.zp-n{n}{--f:{f};--m:{m};--k:{k};--y:{y}}', [
                'list' => $this->list, 'n' => $first + $k + 1, 'f' => Css::number($factor, self::DECIMALS), 'm' => $size - 1, 'k' => $k, 'y' => Css::number($above, self::DECIMALS),
            ]);
            $above += 1 / $items[$first + $k]->ratio()->value;
        }

        return Css::all(...$rules);
    }
}
