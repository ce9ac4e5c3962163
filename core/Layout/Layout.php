<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Geometry\Ratio;

/** Places the tiles of a gallery, for every inner width. */
interface Layout
{
    /**
     * @param  list<Ratio>  $pictures  the shapes of the pictures, in order
     * @param  list<int>  $large  indexes of those that are to be large, where the layout can
     */
    public function arrange(array $pictures, array $large = []): Arrangement;

    /**
     * The same at one inner width alone, which is quicker: in a band that holds the width, but may be narrower.
     *
     * @param  list<Ratio>  $pictures
     * @param  float  $width  px of inner width
     * @param  list<int>  $large
     */
    public function bandAt(array $pictures, float $width, array $large = []): BandArrangement;
}
