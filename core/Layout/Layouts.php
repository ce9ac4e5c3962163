<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutKind;

/** The layout a design asks for. */
final class Layouts
{
    public static function of(GalleryDesign $design): Layout
    {
        return match ($design->layout->kind) {
            LayoutKind::Grid => new GridLayout($design->layout),
            LayoutKind::Masonry => new MasonryLayout($design->layout),
            LayoutKind::Rows => new RowsLayout($design->layout),
            LayoutKind::Mosaic => new MosaicLayout($design->layout),
            LayoutKind::Strip, LayoutKind::Slideshow => new LineLayout($design->layout),
            LayoutKind::Single => new SingleLayout($design->layout),
        };
    }
}
