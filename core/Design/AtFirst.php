<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

/** How much of a gallery is shown at first. */
enum AtFirst: string
{
    case All = 'all';

    /** Some rows, and the rest when it is asked for. */
    case Rows = 'rows';

    /** Some rows at a time. */
    case Pages = 'pages';
}
