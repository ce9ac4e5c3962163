<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\ColumnRule;
use ZincPane\Core\Design\GridDesign;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\TileShape;
use ZincPane\Core\Geometry\Box;
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
        $gap = (float) $this->design->gap;
        $width = Linear::share($columns, $gap);
        $lefts = $this->lefts($width, $columns, Linear::px(0));
        $count = count($pictures);
        $short = $count % $columns;
        $full = $count - $short;
        $boxes = [];
        $top = Linear::px(0);
        $bottom = $top;

        for ($first = 0; $first < $full; $first += $columns) {
            $bottom = $this->addRow($boxes, $pictures, $first, $columns, $lefts, $width, $width, $top);
            $top = $bottom->plusPx($gap);
        }
        if ($short > 0) {
            [$lefts, $width, $basis] = $this->lastRow($short, $columns, $width, $lefts);
            $bottom = $this->addRow($boxes, $pictures, $full, $short, $lefts, $width, $basis, $top);
        }

        return new BandArrangement($band, $columns, $boxes, $bottom);
    }

    /**
     * Written for speed: a thousand pictures in twenty bands are twenty thousand boxes, so that
     * tiles share the lines they have in common.
     *
     * @param  list<Box>  $boxes  to which the row is added
     * @param  list<Ratio>  $pictures
     * @param  list<Linear>  $lefts
     * @param  Linear  $basis  the width that the heights are told from
     * @return Linear the lower edge of the row
     */
    private function addRow(array &$boxes, array $pictures, int $first, int $count, array $lefts, Linear $width, Linear $basis, Linear $top): Linear
    {
        if ($this->shape !== null) {
            $height = $basis->times(1 / $this->shape->value);
            for ($i = 0; $i < $count; $i++) {
                $boxes[] = new Box($lefts[$i], $top, $width, $height);
            }

            return $top->plus($height);
        }
        $tallest = INF;
        for ($i = 0; $i < $count; $i++) {
            $ratio = $pictures[$first + $i]->value;
            $boxes[] = new Box($lefts[$i], $top, $width, $basis->times(1 / $ratio));
            // The least ratio is the tallest tile at every width.
            $tallest = min($tallest, $ratio);
        }

        return $top->plus($basis->times(1 / $tallest));
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
