<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\WidthBand;

/** Equal columns, rows one below the other. */
final readonly class GridLayout implements Layout
{
    /** A filled last row becomes at most so many times as high as the others. */
    public const FILL_HEIGHT = 1.5;

    private ?Ratio $shape;

    public function __construct(private LayoutDesign $design, private TileFrame $frame)
    {
        $this->shape = $design->shape->ratio;
    }

    public function arrange(array $pictures, array $large = []): Arrangement
    {
        $bands = [];
        foreach ((new ColumnBands($this->design, $this->frame))->list() as [$band, $columns]) {
            $bands[] = $this->arrangeBand($band, $columns, $pictures);
        }

        return new Arrangement($bands);
    }

    /**
     * @param  positive-int  $columns
     * @param  list<Ratio>  $pictures
     */
    private function arrangeBand(WidthBand $band, int $columns, array $pictures): BandArrangement
    {
        $count = count($pictures);
        if ($this->design->lastRow === LastRow::Balance && $count > 0) {
            return $this->balanced($band, $columns, $pictures);
        }
        $width = Linear::share($columns, $this->design->gap);
        $short = $count % $columns;
        $full = $count - $short;
        $lefts = $this->lefts($width, $columns, Linear::px(0));
        [$boxes, $bottom] = $this->rows(array_slice($pictures, 0, $full), $columns, $lefts, $width, $this->pictureOf($width), Linear::px(0));
        if ($short > 0) {
            $top = $full > 0 ? $bottom->plusPx($this->design->gap) : $bottom;
            [$lefts, $width, $basis] = $this->lastRow($short, $columns, $width, $lefts);
            [$last, $bottom] = $this->rows(array_slice($pictures, $full), $short, $lefts, $width, $basis, $top);
            $boxes = $boxes->followedBy($last);
        }

        return new BandArrangement($band, $columns, $boxes, $bottom, BandArrangement::evenStarts($count, $columns), $this->frame);
    }

    /**
     * As many rows as are needed, shared out so that they differ by at most one tile; the fuller
     * ones first, each as wide as the gallery.
     *
     * @param  positive-int  $columns
     * @param  non-empty-list<Ratio>  $pictures
     */
    private function balanced(WidthBand $band, int $columns, array $pictures): BandArrangement
    {
        $count = count($pictures);
        $rows = intdiv($count + $columns - 1, $columns);
        $few = max(1, intdiv($count, $rows));
        $fuller = ($count % $rows) * ($few + 1);
        $boxes = new Boxes([], [], [], []);
        $bottom = Linear::px(0);
        $starts = [];
        foreach ([[array_slice($pictures, 0, $fuller), $few + 1, 0], [array_slice($pictures, $fuller), $few, $fuller]] as [$part, $inRow, $first]) {
            if ($part !== []) {
                $width = Linear::share($inRow, $this->design->gap);
                $top = $first === 0 ? $bottom : $bottom->plusPx($this->design->gap);
                [$more, $bottom] = $this->rows($part, $inRow, $this->lefts($width, $inRow, Linear::px(0)), $width, $this->pictureOf($width), $top);
                $boxes = $boxes->followedBy($more);
                array_push($starts, ...BandArrangement::evenStarts(count($part), $inRow, $first));
            }
        }

        return new BandArrangement($band, $fuller > 0 ? $few + 1 : $few, $boxes, $bottom, $starts, $this->frame);
    }

    /**
     * Rows that are all full. Written for speed (see Boxes): tiles share the lines they have in common.
     *
     * @param  list<Ratio>  $pictures  a multiple of the columns
     * @param  positive-int  $columns
     * @param  list<Linear>  $lefts  by column
     * @param  Linear  $basis  the width of a picture that heights are told from
     * @return array{Boxes, Linear} and the lower edge of the last row
     */
    private function rows(array $pictures, int $columns, array $lefts, Linear $width, Linear $basis, Linear $top): array
    {
        $count = count($pictures);
        $heights = $this->shape === null
            ? array_map(fn (Ratio $own): Linear => $basis->times(1 / $own->value)->plusPx($this->frame->down()), $pictures)
            : array_fill(0, $count, $basis->times(1 / $this->shape->value)->plusPx($this->frame->down()));
        $allLefts = $tops = [];
        $bottom = $top;
        for ($first = 0; $first < $count; $first += $columns) {
            $top = $first === 0 ? $top : $bottom->plusPx($this->design->gap);
            $tallest = $heights[$first];
            for ($i = 0; $i < $columns; $i++) {
                $allLefts[] = $lefts[$i];
                $tops[] = $top;
                // The tile with the largest share of the width is the tallest at every width.
                $tallest = $heights[$first + $i]->a > $tallest->a ? $heights[$first + $i] : $tallest;
            }
            $bottom = $top->plus($tallest);
        }

        return [new Boxes($allLefts, $tops, array_fill(0, $count, $width), $heights), $bottom];
    }

    /**
     * @return list<Linear>
     */
    private function lefts(Linear $width, int $count, Linear $start): array
    {
        $step = $width->plusPx((float) $this->design->gap);
        $lefts = [];
        for ($i = 0; $i < $count; $i++) {
            $lefts[] = $start->plus($step->times($i));
        }

        return $lefts;
    }

    /**
     * @param  int<1, max>  $count
     * @param  list<Linear>  $lefts
     * @return array{list<Linear>, Linear, Linear} lefts, width, and the width of a picture that heights are told from
     */
    private function lastRow(int $count, int $columns, Linear $width, array $lefts): array
    {
        if ($this->design->lastRow === LastRow::Start) {
            return [$lefts, $width, $this->pictureOf($width)];
        }
        $gap = (float) $this->design->gap;
        if ($this->design->lastRow === LastRow::Centre) {
            $start = $width->plusPx($gap)->times(($columns - $count) / 2);

            return [$this->lefts($width, $count, $start), $width, $this->pictureOf($width)];
        }
        $wider = Linear::share($count, $gap);
        // Kept shapes would make the row c/m times as high as the others, and a little more for the
        // gaps it has fewer of. A tile of its picture's own shape may grow: nothing is cropped there.
        $held = $columns > self::FILL_HEIGHT * $count && $this->design->shape->ratio !== null;

        return [$this->lefts($wider, $count, Linear::px(0)), $wider, $held ? $this->pictureOf($width)->times(self::FILL_HEIGHT) : $this->pictureOf($wider)];
    }

    private function pictureOf(Linear $tile): Linear
    {
        return $tile->plusPx(-$this->frame->across());
    }
}
