<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

/** How the number of columns is found. */
enum ColumnRule: string
{
    /** A fixed number; on narrow screens fewer, so that a tile stays worth looking at. */
    case Count = 'count';

    /** As many as fit when no tile may be narrower than a given width. */
    case Fit = 'fit';
}
