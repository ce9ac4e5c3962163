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
    /** A filled last row becomes at most so many times as high as the others, and one of a balanced grid. */
    public const FILL_HEIGHT = 1.5;

    private const BALANCED_HEIGHT = RowBalance::HIGHEST;

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

    public function bandAt(array $pictures, float $width, array $large = []): BandArrangement
    {
        [$band, $columns] = (new ColumnBands($this->design, $this->frame))->at($width);

        return $this->arrangeBand($band, $columns, $pictures);
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
            [$lefts, $width, $basis] = $this->lastRow($band, array_slice($pictures, $full), array_slice($pictures, 0, $full), $columns, $width, $lefts);
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
        $usual = Linear::share($few + 1, $this->design->gap);
        $most = $fuller > 0 ? self::mostOf($count % $rows, $rows) : null;
        foreach ([[array_slice($pictures, 0, $fuller), $few + 1, 0, null], [array_slice($pictures, $fuller), $few, $fuller, $most]] as [$part, $inRow, $first, $highest]) {
            if ($part !== []) {
                $top = $first === 0 ? $bottom : $bottom->plusPx($this->design->gap);
                [$lefts, $width, $basis] = $this->filling($band, $inRow, $usual, $highest);
                [$more, $bottom] = $this->rows($part, $inRow, $lefts, $width, $basis, $top);
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
     * How many times as high as a full row each of the rows with one tile less is at most, so that the last one is at most
     * so many times as high as the others on the whole; null where that is no limit.
     */
    private static function mostOf(int $full, int $rows): ?float
    {
        $left = $rows - 1 - self::BALANCED_HEIGHT * ($rows - $full - 1);

        return $left > 0 ? self::BALANCED_HEIGHT * $full / $left : null;
    }

    /**
     * @param  list<Ratio>  $last  pictures of the last row, one at least
     * @param  list<Ratio>  $others  those above
     * @param  positive-int  $columns
     * @param  list<Linear>  $lefts
     * @return array{list<Linear>, Linear, Linear} lefts, width, and the width of a picture that heights are told from
     */
    private function lastRow(WidthBand $band, array $last, array $others, int $columns, Linear $width, array $lefts): array
    {
        $count = max(1, count($last));

        return match ($this->design->lastRow) {
            LastRow::Centre => [$this->lefts($width, $count, $this->centred($width, $count)), $width, $this->pictureOf($width)],
            LastRow::Fill => $this->filling($band, $count, $width, $this->mostFilled($last, $others, $columns)),
            default => [$lefts, $width, $this->pictureOf($width)],
        };
    }

    /**
     * How many times as large as the others tiles of a filled last row become at most: those of one shape half as high
     * again; those of their own as far as their row is then no higher than half as high again as the others are.
     *
     * @param  list<Ratio>  $last
     * @param  list<Ratio>  $others
     * @param  positive-int  $columns
     */
    private function mostFilled(array $last, array $others, int $columns): float
    {
        if ($this->shape !== null || $others === []) {
            return self::FILL_HEIGHT;
        }
        $heights = array_map(self::tallest(...), array_chunk($others, $columns));

        return max(1.0, min(self::FILL_HEIGHT, self::FILL_HEIGHT * array_sum($heights) / count($heights) / self::tallest($last)));
    }

    /**
     * @param  list<Ratio>  $row
     * @return float height of its tallest, in widths of a picture
     */
    private static function tallest(array $row): float
    {
        return 1 / min(array_map(static fn (Ratio $own): float => $own->value, $row) ?: [1.0]);
    }

    /**
     * Tiles that share the width. Where they would be too large, those of one shape become wider only; those of their
     * pictures' own shapes, of which nothing is cropped, are held, and stand in the middle.
     *
     * @param  positive-int  $count
     * @param  Linear  $usual  width of the other tiles
     * @param  ?float  $most  times as large as the others; null where nothing holds them
     * @return array{list<Linear>, Linear, Linear} lefts, width, and the width of a picture that heights are told from
     */
    private function filling(WidthBand $band, int $count, Linear $usual, ?float $most): array
    {
        $wider = Linear::share($count, $this->design->gap);
        $held = $this->pictureOf($usual)->times($most ?? 1.0);
        // The gaps that there are fewer of count most where the band begins.
        $from = Arrangement::ends($band)[0];
        if ($most === null || $this->pictureOf($wider)->at($from) <= $held->at($from) + 1e-6) {
            return [$this->lefts($wider, $count, Linear::px(0)), $wider, $this->pictureOf($wider)];
        }
        if ($this->shape !== null) {
            return [$this->lefts($wider, $count, Linear::px(0)), $wider, $held];
        }
        $tile = $held->plusPx($this->frame->across());

        return [$this->lefts($tile, $count, $this->centred($tile, $count)), $tile, $held];
    }

    /** Where tiles begin that stand in the middle of the width. */
    private function centred(Linear $tile, int $count): Linear
    {
        return Linear::of(1)->minus($tile->times($count))->plusPx(-($count - 1) * $this->design->gap)->times(0.5);
    }

    private function pictureOf(Linear $tile): Linear
    {
        return $tile->plusPx(-$this->frame->across());
    }
}
