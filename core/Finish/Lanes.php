<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** How the lanes of a drifting gallery run. */
enum Lanes: string implements Labelled
{
    case None = 'none';

    /** Columns move up and down. */
    case Down = 'down';

    /** Rows move sideways. */
    case Across = 'across';

    case Single = 'single';

    public function label(): string
    {
        return match ($this) {
            self::None => 'No drift',
            self::Down => 'Down',
            self::Across => 'Across',
            self::Single => 'All as one',
        };
    }
}
