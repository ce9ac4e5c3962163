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
 * MosaicBlock), in reading order. Every tile has the shape of its picture: nothing is cropped.
 */
final readonly class MosaicLayout implements Layout
{
    /** A band ends where it is so many times as wide as at its start: sizes stray by 25 per cent at most. */
    private const STEP = 1.6;

    public function __construct(private LayoutDesign $design, private TileFrame $frame)
    {
    }

    public function arrange(array $pictures, array $large = []): Arrangement
    {
        $inverse = array_map(static fn (Ratio $own): float => 1 / $own->value, $pictures);
        $bands = [];
        foreach ($this->bands() as $band) {
            $bands[] = $this->band($band, $inverse, array_fill_keys($large, true));
        }

        return new Arrangement($bands);
    }

    /** Height in px that is wished for a tile of ordinary size. */
    private function tileHeight(float $width): float
    {
        return (new RowsLayout($this->design, $this->frame))->rowHeight($width);
    }

    /**
     * @return non-empty-list<WidthBand>
     */
    private function bands(): array
    {
        $starts = [0];
        for ($from = Arrangement::NARROWEST * self::STEP; $from < LayoutDesign::WIDE_FROM / 1.15; $from *= self::STEP) {
            $starts[] = (int) round($from);
        }
        for ($from = LayoutDesign::WIDE_FROM; $from * 1.15 < Arrangement::WIDEST; $from *= self::STEP) {
            $starts[] = (int) round($from);
        }

        return array_map(static fn (int $from, ?int $until): WidthBand => new WidthBand($from, $until), $starts, [...array_slice($starts, 1), null]);
    }

    /**
     * @param  list<float>  $inverse  height over width of each picture
     * @param  array<int, bool>  $large
     */
    private function band(WidthBand $band, array $inverse, array $large): BandArrangement
    {
        [$from] = Arrangement::ends($band);
        $width = Arrangement::middle($band);
        $gap = $this->design->gap;
        $choice = new MosaicChoice($inverse, $from, $width, $this->tileHeight($from), $gap, $this->frame, $large);
        $lefts = $tops = $widths = $heights = $starts = [];
        $top = Linear::px(0);
        $most = 1;
        foreach ($choice->patterns() as [$start, $pattern, $alpha, $beta]) {
            $starts[] = $start;
            $most = max($most, count($pattern));
            $high = Linear::of(1 / $alpha, -$beta / $alpha);
            $left = Linear::px(0);
            $i = $start;
            foreach ($pattern as $stacked) {
                [$a, $b] = $choice->stack($i, $stacked);
                $wide = Linear::of($high->a * $a, $high->b * $a + $b);
                $y = $top;
                for ($n = 0; $n < $stacked; $n++, $i++) {
                    $tall = Linear::of($wide->a * $inverse[$i], ($wide->b - $this->frame->across()) * $inverse[$i] + $this->frame->down());
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
