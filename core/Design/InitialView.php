<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Labelled;

/** How much of a gallery is shown at first. */
enum InitialView: string implements Labelled
{
    case All = 'all';

    /** Some rows, and the rest when it is asked for. */
    case Rows = 'rows';

    /** Some rows at a time. */
    case Pages = 'pages';

    public function label(): string
    {
        return match ($this) {
            self::All => 'All',
            self::Rows => 'Some rows',
            self::Pages => 'Pages',
        };
    }
}
