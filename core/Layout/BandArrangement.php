<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\WidthBand;

/** The boxes of all tiles in one band of widths. */
final readonly class BandArrangement
{
    /**
     * @param  positive-int  $columns  tiles in a full row
     * @param  Boxes  $boxes  in the order of the pictures
     * @param  Linear  $height  of the whole gallery
     */
    public function __construct(
        public WidthBand $band,
        public int $columns,
        public Boxes $boxes,
        public Linear $height,
    ) {
    }

    public function rows(): int
    {
        return intdiv(count($this->boxes) + $this->columns - 1, $this->columns);
    }

    /** How many tiles stand in the last row; 0 for an empty gallery. */
    public function inLastRow(): int
    {
        return count($this->boxes) - max(0, $this->rows() - 1) * $this->columns;
    }
}
