<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Measuring\Subject;

/** An item of a gallery as visitors see it. */
interface Shown
{
    /** The shape that a layout is to reckon with. */
    public function ratio(): Ratio;

    public function words(): Words;

    /** What measures need to know of it. */
    public function subject(): Subject;
}
