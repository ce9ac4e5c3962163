<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** How a tile comes when it is scrolled into view. */
enum ArrivalWay: string implements Labelled
{
    case None = 'none';
    case Fade = 'fade';
    case Rise = 'rise';
    case Grow = 'grow';
    case Side = 'side';
    case Unblur = 'unblur';

    public function label(): string
    {
        return match ($this) {
            self::None => 'Not at all',
            self::Fade => 'Fade in',
            self::Rise => 'Rise',
            self::Grow => 'Grow',
            self::Side => 'From the side',
            self::Unblur => 'Sharpen',
        };
    }
}
