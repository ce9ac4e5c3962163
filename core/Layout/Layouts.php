<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Geometry\Ratio;

/** The layout a design asks for. */
final class Layouts
{
    /** Arrangements remembered: one change asks for the same one in several places. */
    private const REMEMBERED = 4;

    /** @var array<string, Arrangement> */
    private static array $known = [];

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

    /**
     * The arrangement of a gallery, or of one of its sections; the last few are remembered.
     *
     * @param  list<Ratio>  $pictures
     * @param  list<int>  $large  indexes of those that are to be large
     */
    public static function arranged(GalleryDesign $design, array $pictures, array $large): Arrangement
    {
        $layout = $design->layout->toArray();
        // Which items are large is told by their places here.
        $key = serialize([[...$layout, 'large' => null], array_map(static fn (Ratio $ratio): float => $ratio->value, $pictures), $large]);
        if (! isset(self::$known[$key])) {
            self::$known = array_slice(self::$known, 1 - self::REMEMBERED, null, true);
            self::$known[$key] = self::of($design)->arrange($pictures, $large);
        }

        return self::$known[$key];
    }
}
