<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Ratio;

/** An item of a gallery as visitors see it. */
interface Shown
{
    /** The shape that a layout is to reckon with. */
    public function ratio(): Ratio;

    public function words(): Words;
}
