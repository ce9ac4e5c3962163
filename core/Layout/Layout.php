<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Geometry\Ratio;

/** Places the tiles of a gallery, for every inner width. */
interface Layout
{
    /**
     * @param  list<Ratio>  $pictures  the shapes of the pictures, in order
     */
    public function arrange(array $pictures): Arrangement;
}
