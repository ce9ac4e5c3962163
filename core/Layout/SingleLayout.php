<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\WidthBand;

/** One picture below the other, each as wide as the gallery and as high as it is. */
final readonly class SingleLayout implements Layout
{
    public function __construct(private LayoutDesign $design, private TileFrame $frame)
    {
    }

    public function arrange(array $pictures, array $large = []): Arrangement
    {
        $count = count($pictures);
        $heights = array_map(fn (Ratio $own): Linear => Linear::of(1 / $own->value, -$this->frame->across() / $own->value + $this->frame->down()), $pictures);
        $tops = [];
        $bottom = Linear::px(0);
        foreach ($heights as $i => $height) {
            $tops[] = $top = $i === 0 ? $bottom : $bottom->plusPx($this->design->gap);
            $bottom = $top->plus($height);
        }
        $boxes = new Boxes(array_fill(0, $count, Linear::px(0)), $tops, array_fill(0, $count, Linear::of(1)), $heights);

        return new Arrangement([new BandArrangement(new WidthBand(0, null), 1, $boxes, $bottom, array_keys($pictures), $this->frame)]);
    }

    public function bandAt(array $pictures, float $width, array $large = []): BandArrangement
    {
        return $this->arrange($pictures)->at($width);
    }
}
