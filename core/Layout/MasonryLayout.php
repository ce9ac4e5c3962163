<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Longest;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\WidthBand;

/** Equal columns, every picture as high as it is, in reading order; the columns end as level as can be. */
final readonly class MasonryLayout implements Layout
{
    public function __construct(private LayoutDesign $design, private TileFrame $frame)
    {
    }

    public function arrange(array $pictures, array $large = []): Arrangement
    {
        $bands = [];
        $inverse = array_map(static fn (Ratio $own): float => 1 / $own->value, $pictures);
        foreach ((new ColumnBands($this->design, $this->frame))->list() as [$band, $columns]) {
            $bands[] = $this->band($band, $columns, $inverse);
        }

        return new Arrangement($bands);
    }

    public function bandAt(array $pictures, float $width, array $large = []): BandArrangement
    {
        [$band, $columns] = (new ColumnBands($this->design, $this->frame))->at($width);

        return $this->band($band, $columns, array_map(static fn (Ratio $own): float => 1 / $own->value, $pictures));
    }

    /**
     * @param  positive-int  $columns
     * @param  list<float>  $inverse  height over width of each picture
     */
    private function band(WidthBand $band, int $columns, array $inverse): BandArrangement
    {
        $count = count($inverse);
        $gap = (float) $this->design->gap;
        $around = $this->frame->down();
        $width = Linear::share($columns, $gap);
        $picture = $width->plusPx(-$this->frame->across());
        [$from, $until] = Arrangement::ends($band);
        $heights = static function (float $at) use ($inverse, $picture, $around, $gap): array {
            $px = max(1.0, $picture->at($at));

            return array_map(static fn (float $high): float => $high * $px + $around + $gap, $inverse);
        };
        $chosen = (new ColumnChoice($columns))->best($heights(Arrangement::middle($band)), [$heights($from), $heights($until)]);

        $step = $width->plusPx($gap);
        $columnLefts = array_map(static fn (int $column): Linear => $step->times($column), range(0, $columns - 1));
        // Of each column, how many widths of a picture high it is, and how many tiles there are.
        $high = array_fill(0, $columns, 0.0);
        $tiles = array_fill(0, $columns, 0);
        $lefts = $tops = $highs = [];
        foreach ($chosen as $i => $column) {
            $lefts[] = $columnLefts[$column];
            $tops[] = Linear::of($high[$column] * $picture->a, $high[$column] * $picture->b + $tiles[$column] * ($gap + $around));
            $highs[] = Linear::of($inverse[$i] * $picture->a, $inverse[$i] * $picture->b + $around);
            $high[$column] += $inverse[$i];
            $tiles[$column]++;
        }

        $ends = array_map(static fn (int $last): Linear => $tops[$last]->plus($highs[$last]), array_values(array_flip($chosen)));

        return new BandArrangement(
            $band, $columns, new Boxes($lefts, $tops, array_fill(0, $count, $width), $highs),
            Longest::among($ends, $from, $until), BandArrangement::evenStarts($count, $columns), $this->frame,
        );
    }
}
