<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** How often a tile arrives. */
enum ArrivalTimes: string implements Labelled
{
    /** The first time it comes into view; takes its own time. */
    case Once = 'once';

    /** With the scrolling, and back with it. */
    case Each = 'each';

    public function label(): string
    {
        return match ($this) {
            self::Once => 'Once',
            self::Each => 'Each time',
        };
    }
}
