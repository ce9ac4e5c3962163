<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Geometry\Box;
use ZincPane\Core\Layout\BandArrangement;

/** A part of a gallery that is laid out by itself, at one width: the whole, an album, or a page of it. */
final readonly class DrawnPart
{
    /**
     * @param  list<int>  $places  which of the gallery's items are in it
     * @param  float  $top  px from the top of the gallery at which it begins
     */
    public function __construct(public array $places, public BandArrangement $band, public float $top)
    {
    }

    /**
     * Of each item by its place in the gallery, where its picture stands in the part.
     *
     * @return array<int, Box>
     */
    public function pictures(): array
    {
        $boxes = [];
        foreach ($this->places as $i => $place) {
            $boxes[$place] = $this->band->picture($i);
        }

        return $boxes;
    }

    /**
     * @return list<int> items of its last row, by their places in the gallery
     */
    public function lastRow(): array
    {
        return array_slice($this->places, -max(1, $this->band->inLastRow()));
    }
}
