<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\GalleryDesign;

/** The layout a design asks for. */
final class Layouts
{
    public static function of(GalleryDesign $design): Layout
    {
        return new GridLayout($design->layout);
    }
}
