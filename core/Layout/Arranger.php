<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Geometry\Ratio;

/** Arranges pictures by the layout that a design asks for, and remembers the last few arrangements. */
final class Arranger
{
    /** Arrangements remembered: one change asks for the same one in several places. */
    private const REMEMBERED = 4;

    /** @var array<string, Arrangement> */
    private array $known = [];

    public static function layout(GalleryDesign $design): Layout
    {
        return self::layoutIn($design->layout, $design);
    }

    /** A layout with what a design has around each picture. */
    public static function layoutIn(LayoutDesign $layout, GalleryDesign $design): Layout
    {
        $frame = TileFrame::in($design);
        $until = self::bareUntil($design->finish);

        return $until > 0 ? new NarrowLayout(self::framed($layout, $frame->bare()), self::framed($layout, $frame), $until) : self::framed($layout, $frame);
    }

    /** px of the inner width up to which captions below pictures are hidden; 0 for nowhere, since no gallery is made for less than the narrowest. */
    public static function bareUntil(FinishDesign $finish): int
    {
        return $finish->belowPicture() > 0 && $finish->captions->hiddenWithin > Arrangement::NARROWEST ? $finish->captions->hiddenWithin : 0;
    }

    private static function framed(LayoutDesign $layout, TileFrame $frame): Layout
    {
        return match ($layout->kind) {
            LayoutKind::Grid => new GridLayout($layout, $frame),
            LayoutKind::Masonry => new MasonryLayout($layout, $frame),
            LayoutKind::Rows => new RowsLayout($layout, $frame),
            LayoutKind::Mosaic => new MosaicLayout($layout, $frame),
            LayoutKind::Strip, LayoutKind::Slideshow => new StripLayout($layout, $frame),
            LayoutKind::Single => new SingleLayout($layout, $frame),
        };
    }

    /**
     * The arrangement of a gallery, or of one of its sections.
     *
     * @param  list<Ratio>  $pictures
     * @param  list<int>  $large  indexes of those that are to be large
     */
    public function arranged(GalleryDesign $design, array $pictures, array $large): Arrangement
    {
        $key = serialize([$design->toArray(), array_map(static fn (Ratio $ratio): float => $ratio->value, $pictures), $large]);
        if (! isset($this->known[$key])) {
            $this->known = array_slice($this->known, 1 - self::REMEMBERED, null, true);
            $this->known[$key] = self::layout($design)->arrange($pictures, $large);
        }

        return $this->known[$key];
    }
}
