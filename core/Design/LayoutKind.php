<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Labelled;

/** The ways there are to place the tiles of a gallery. */
enum LayoutKind: string implements Labelled
{
    /** Equal columns, rows one below the other. */
    case Grid = 'grid';

    /** Equal columns, every picture as high as it is. */
    case Masonry = 'masonry';

    /** Rows of even height that fill the width; nothing is cropped. */
    case Rows = 'rows';

    /** Blocks of large and small tiles without holes; nothing is cropped. */
    case Mosaic = 'mosaic';

    /** One strip, swiped or stepped. */
    case Strip = 'strip';

    /** One frame, timed or stepped. */
    case Slideshow = 'slideshow';

    /** One picture below the other. */
    case Single = 'single';

    /** Whether all stands on one strip that is scrolled sideways, tile by tile or frame by frame. */
    public function isStrip(): bool
    {
        return $this === self::Strip || $this === self::Slideshow;
    }

    /** Whether its tiles end in columns, each where it ends, and not in rows. */
    public function endsInColumns(): bool
    {
        return $this === self::Masonry;
    }

    /** Whether single pictures may be made large in it. */
    public function makesLarge(): bool
    {
        return $this === self::Mosaic;
    }

    /** The setting that tells how large tiles are; null where their place alone does. */
    public function sizeKey(): ?string
    {
        return match ($this) {
            self::Grid, self::Masonry => 'tile_width',
            self::Rows, self::Mosaic => 'row_height',
            self::Strip, self::Slideshow => 'height',
            self::Single => null,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Grid => 'Grid',
            self::Masonry => 'Masonry',
            self::Rows => 'Tiled rows',
            self::Mosaic => 'Mosaic',
            self::Strip => 'Strip',
            self::Slideshow => 'Slideshow',
            self::Single => 'One per row',
        };
    }
}
