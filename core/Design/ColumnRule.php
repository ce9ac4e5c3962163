<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Labelled;

/** How the number of columns is found. */
enum ColumnRule: string implements Labelled
{
    /** A fixed number; on narrow screens fewer, so that a tile stays worth looking at. */
    case Count = 'count';

    /** As many as fit when no tile may be narrower than a given width. */
    case Fit = 'fit';

    public function label(): string
    {
        return match ($this) {
            self::Count => 'A number',
            self::Fit => 'As many as fit',
        };
    }
}
