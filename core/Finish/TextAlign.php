<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** To which side the lines of a caption are set. */
enum TextAlign: string implements Labelled
{
    case Start = 'start';
    case Center = 'center';
    case End = 'end';

    public function label(): string
    {
        return match ($this) {
            self::Start => 'Start',
            self::Center => 'Middle',
            self::End => 'End',
        };
    }
}
