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

    public function __construct(private GridDesign $design)
    {
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
        $boxes = [];
        $top = Linear::px(0);
        $height = Linear::px(0);

        foreach (array_chunk($pictures, $columns) as $row) {
            [$rowLefts, $rowWidth, $most] = count($row) < $columns
                ? $this->lastRow(count($row), $columns, $width, $lefts)
                : [$lefts, $width, null];
            $heights = $this->heights($row, $rowWidth, $most);
            foreach ($row as $i => $_) {
                $boxes[] = new Box($rowLefts[$i], $top, $rowWidth, $heights[$i]);
            }
            $tallest = $this->tallest($heights);
            $height = $top->plus($tallest);
            $top = $height->plusPx($gap);
        }

        return new BandArrangement($band, $columns, $boxes, $height);
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
     * @return array{list<Linear>, Linear, ?Linear} lefts, width, and the most the height may be
     */
    private function lastRow(int $count, int $columns, Linear $width, array $lefts): array
    {
        if ($this->design->lastRow === LastRow::Start) {
            return [$lefts, $width, null];
        }
        $gap = (float) $this->design->gap;
        if ($this->design->lastRow === LastRow::Centre) {
            $start = $width->plusPx($gap)->times(($columns - $count) / 2);

            return [$this->lefts($width, $count, $start), $width, null];
        }
        $wider = Linear::share($count, $gap);
        // Kept shapes would make the row c/m times as high as the others, and a little more for the
        // gaps it has fewer of. A tile of its picture's own shape may grow: nothing is cropped there.
        $held = $columns > self::FILL_HEIGHT * $count && $this->design->shape !== TileShape::Own;
        $most = $held ? $width->times(self::FILL_HEIGHT) : null;

        return [$this->lefts($wider, $count, Linear::px(0)), $wider, $most];
    }

    /**
     * @param  list<Ratio>  $row
     * @param  ?Linear  $mostWide  a tile is no higher than one of this width would be
     * @return list<Linear>
     */
    private function heights(array $row, Linear $width, ?Linear $mostWide): array
    {
        $basis = $mostWide ?? $width;
        $shared = $this->design->shape->ratio();
        if ($shared !== null) {
            return array_fill(0, count($row), $basis->times(1 / $shared->value));
        }

        return array_map(static fn (Ratio $own): Linear => $basis->times(1 / $own->value), $row);
    }

    /**
     * All heights of a row are the same width times a factor, so the order never depends on W.
     *
     * @param  list<Linear>  $heights
     */
    private function tallest(array $heights): Linear
    {
        $tallest = $heights[0];
        foreach ($heights as $height) {
            if ($height->a > $tallest->a) {
                $tallest = $height;
            }
        }

        return $tallest;
    }
}
