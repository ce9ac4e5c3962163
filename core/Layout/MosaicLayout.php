<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\WidthBand;

/**
 * Large and small tiles that fill a rectangle without holes: blocks one below the other (see
 * MosaicTiles), in reading order. Every tile has the shape of its picture: nothing is cropped.
 */
final readonly class MosaicLayout implements Layout
{
    /** How many times the median of the others a chosen picture is large. */
    public const LARGER = 1.6;

    /**
     * What is tried until that is so: the others' usual area, as a share of an ordinary one, that chosen ones are held
     * against, and how many times as high as others they and what is next to them may be.
     */
    private const TRIED = [[0.65, 1.0], [0.45, 1.0], [0.9, 1.2], [0.5, 1.2], [0.5, 1.45], [0.9, 1.8], [1.4, 2.2], [1.4, 3.2], [2.2, 5.0], [3.2, 5.0]];

    /** Gaps count more at one end of a band than in its middle. */
    private const ROOM = 1.06;

    public function __construct(private LayoutDesign $design, private TileFrame $frame)
    {
    }

    public function arrange(array $pictures, array $large = []): Arrangement
    {
        $tiles = self::tiles($pictures);

        return new Arrangement(array_map(fn (WidthBand $band): BandArrangement => $this->band($band, $tiles, array_fill_keys($large, true)), WidthSteps::coarse($tiles->count)));
    }

    public function bandAt(array $pictures, float $width, array $large = []): BandArrangement
    {
        return $this->band(WidthSteps::holding($width, WidthSteps::coarse(count($pictures))), self::tiles($pictures), array_fill_keys($large, true));
    }

    /**
     * @param  list<Ratio>  $pictures
     */
    private static function tiles(array $pictures): MosaicTiles
    {
        return new MosaicTiles(array_map(static fn (Ratio $own): float => 1 / $own->value, $pictures));
    }

    /**
     * @param  array<int, bool>  $large
     */
    private function band(WidthBand $band, MosaicTiles $tiles, array $large): BandArrangement
    {
        [$from, $until] = Arrangement::ends($band);
        $width = Arrangement::middle($band);
        $wished = (new RowsLayout($this->design, $this->frame))->rowHeight($width);
        $aim = WidthSteps::aimedAt($wished, $width);
        $arranged = function (float $larger, float $stretch) use ($band, $tiles, $large, $from, $width, $until, $wished, $aim): BandArrangement {
            $chosen = new MosaicChosen($large, $larger, $stretch);
            $blocks = new MosaicBlocks($tiles, [(float) $from, $width, (float) $until], $wished, $aim, $this->design->gap, $this->frame, $chosen);

            return $this->arranged($band, (new MosaicChoice($tiles, $blocks, $chosen))->blocks(), $blocks, $tiles->inverse);
        };
        $best = $arranged(0.0, 1.0);
        $share = self::largeness($best, $large, $width);
        foreach (self::TRIED as [$others, $stretch]) {
            if ($share < self::ROOM * self::LARGER) {
                $tried = $arranged(self::ROOM * self::LARGER * $others * MosaicBlocks::AREA * $aim * $aim, $stretch);
                $triedShare = self::largeness($tried, $large, $width);
                [$best, $share] = $triedShare > $share ? [$tried, $triedShare] : [$best, $share];
            }
        }

        return $best;
    }

    /**
     * How many times the median area of the others the smallest chosen picture has.
     *
     * @param  array<int, bool>  $large
     */
    private static function largeness(BandArrangement $band, array $large, float $width): float
    {
        $others = [];
        $least = INF;
        for ($i = 0; $large !== [] && $i < count($band->boxes); $i++) {
            $picture = $band->picture($i);
            $area = $picture->width->at($width) * $picture->height->at($width);
            isset($large[$i]) ? $least = min($least, $area) : $others[] = $area;
        }
        sort($others);

        return $others === [] ? INF : $least / $others[intdiv(count($others), 2)];
    }

    /**
     * @param  list<array{int, list<int>}>  $blocks  first tile, and sizes of the stacks
     * @param  list<float>  $inverse  height over width of each picture
     */
    private function arranged(WidthBand $band, array $blocks, MosaicBlocks $possible, array $inverse): BandArrangement
    {
        $gap = $this->design->gap;
        $across = $this->frame->across();
        $down = $this->frame->down();
        $lefts = $tops = $widths = $heights = $starts = [];
        $top = Linear::px(0);
        $most = 1;
        foreach ($blocks as [$start, $pattern]) {
            $starts[] = $start;
            $most = max($most, count($pattern));
            $alpha = 0.0;
            $beta = (count($pattern) - 1.0) * $gap;
            $stacks = [];
            $i = $start;
            foreach ($pattern as $stacked) {
                $stacks[] = $stack = $possible->stack($i, $stacked);
                $alpha += $stack[0];
                $beta += $stack[1];
                $i += $stacked;
            }
            $high = Linear::of(1 / $alpha, -$beta / $alpha);
            $left = Linear::px(0);
            $i = $start;
            foreach ($pattern as $n => $stacked) {
                [$a, $b] = $stacks[$n];
                $wide = Linear::of($high->a * $a, $high->b * $a + $b);
                $y = $top;
                for ($k = 0; $k < $stacked; $k++, $i++) {
                    $tall = Linear::of($wide->a * $inverse[$i], ($wide->b - $across) * $inverse[$i] + $down);
                    $lefts[] = $left;
                    $tops[] = $y;
                    $widths[] = $wide;
                    $heights[] = $tall;
                    $y = Linear::of($y->a + $tall->a, $y->b + $tall->b + $gap);
                }
                $left = Linear::of($left->a + $wide->a, $left->b + $wide->b + $gap);
            }
            $top = $top->plus($high)->plusPx($gap);
        }

        return new BandArrangement($band, $most, new Boxes($lefts, $tops, $widths, $heights), $starts === [] ? $top : $top->plusPx(-$gap), $starts, $this->frame);
    }
}
