<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** What says on a tile that a click enlarges it. */
enum Sign: string implements Labelled
{
    case None = 'none';
    case Plus = 'plus';
    case Corners = 'corners';
    case Lens = 'lens';

    public function label(): string
    {
        return match ($this) {
            self::None => 'None',
            self::Plus => 'Plus',
            self::Corners => 'Corners',
            self::Lens => 'Lens',
        };
    }
}
