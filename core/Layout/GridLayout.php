<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\ColumnRule;
use ZincPane\Core\Design\GridDesign;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\TileShape;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\WidthBand;

/** Equal columns, rows one below the other. */
final readonly class GridLayout implements Layout
{
    /** Inner width in px from which a wished number of columns is taken at its word. */
    public const WIDE_FROM = 600;

    /** Below it, there are no more columns than leave a tile this wide, in px. */
    public const LEAST_ON_NARROW = 140;

    /** A filled last row becomes at most so many times as high as the others. */
    public const FILL_HEIGHT = 1.5;

    private ?Ratio $shape;

    public function __construct(private GridDesign $design)
    {
        $this->shape = $design->shape->ratio();
    }

    public function arrange(array $pictures): Arrangement
    {
        $bands = [];
        foreach ($this->columnsByBand() as [$band, $columns]) {
            $bands[] = $this->arrangeBand($band, $columns, $pictures);
        }

        return new Arrangement($bands);
    }

    /**
     * @return non-empty-list<array{WidthBand, positive-int}>
     */
    private function columnsByBand(): array
    {
        $starts = $this->design->columnRule === ColumnRule::Fit
            ? $this->startsWithLeast($this->design->tileWidth, Arrangement::WIDEST + 1, PHP_INT_MAX)
            : $this->startsOfCount();

        $bands = [];
        $from = array_keys($starts);
        foreach (array_values($starts) as $i => $columns) {
            $bands[] = [new WidthBand($from[$i], $from[$i + 1] ?? null), $columns];
        }

        return $bands;
    }

    /**
     * @return non-empty-array<int, positive-int> columns by the inner width they begin at
     */
    private function startsOfCount(): array
    {
        $wished = max(1, $this->design->columns);
        $starts = $this->startsWithLeast(self::LEAST_ON_NARROW, self::WIDE_FROM, $wished);
        if (end($starts) !== $wished) {
            $starts[self::WIDE_FROM] = $wished;
        }

        return $starts;
    }

    /**
     * k columns begin where k tiles of the least width and the gaps between them fit.
     *
     * @return non-empty-array<int, positive-int>
     */
    private function startsWithLeast(int $least, int $until, int $most): array
    {
        $starts = [0 => 1];
        for ($k = 2; $k <= $most; $k++) {
            $start = $k * $least + ($k - 1) * $this->design->gap;
            if ($start >= $until) {
                break;
            }
            $starts[$start] = $k;
        }

        return $starts;
    }

    /**
     * @param  positive-int  $columns
     * @param  list<Ratio>  $pictures
     */
    private function arrangeBand(WidthBand $band, int $columns, array $pictures): BandArrangement
    {
        $width = Linear::share($columns, $this->design->gap);
        $count = count($pictures);
        $short = $count % $columns;
        $full = $count - $short;
        $lefts = $this->lefts($width, $columns, Linear::px(0));
        [$boxes, $bottom] = $this->rows(array_slice($pictures, 0, $full), $columns, $lefts, $width, $width, Linear::px(0));
        if ($short > 0) {
            $top = $full > 0 ? $bottom->plusPx($this->design->gap) : $bottom;
            [$lefts, $width, $basis] = $this->lastRow($short, $columns, $width, $lefts);
            [$last, $bottom] = $this->rows(array_slice($pictures, $full), $short, $lefts, $width, $basis, $top);
            $boxes = $boxes->followedBy($last);
        }

        return new BandArrangement($band, $columns, $boxes, $bottom);
    }

    /**
     * Rows that are all full. Written for speed (see Boxes): tiles share the lines they have in common.
     *
     * @param  list<Ratio>  $pictures  a multiple of the columns
     * @param  positive-int  $columns
     * @param  list<Linear>  $lefts  by column
     * @param  Linear  $basis  the width that heights are told from
     * @return array{Boxes, Linear} and the lower edge of the last row
     */
    private function rows(array $pictures, int $columns, array $lefts, Linear $width, Linear $basis, Linear $top): array
    {
        $count = count($pictures);
        $heights = $this->shape === null
            ? array_map(static fn (Ratio $own): Linear => $basis->times(1 / $own->value), $pictures)
            : array_fill(0, $count, $basis->times(1 / $this->shape->value));
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
     * @return array{list<Linear>, Linear, Linear} lefts, width, and the width that heights are told from
     */
    private function lastRow(int $count, int $columns, Linear $width, array $lefts): array
    {
        if ($this->design->lastRow === LastRow::Start) {
            return [$lefts, $width, $width];
        }
        $gap = (float) $this->design->gap;
        if ($this->design->lastRow === LastRow::Centre) {
            $start = $width->plusPx($gap)->times(($columns - $count) / 2);

            return [$this->lefts($width, $count, $start), $width, $width];
        }
        $wider = Linear::share($count, $gap);
        // Kept shapes would make the row c/m times as high as the others, and a little more for the
        // gaps it has fewer of. A tile of its picture's own shape may grow: nothing is cropped there.
        $held = $columns > self::FILL_HEIGHT * $count && $this->design->shape !== TileShape::Own;

        return [$this->lefts($wider, $count, Linear::px(0)), $wider, $held ? $width->times(self::FILL_HEIGHT) : $wider];
    }
}
