<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** Where in its picture a caption stands. */
enum CaptionAt: string implements Labelled
{
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';

    public function label(): string
    {
        return match ($this) {
            self::Top => 'Top',
            self::Middle => 'Middle',
            self::Bottom => 'Bottom',
        };
    }
}
