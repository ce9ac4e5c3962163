<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** How the picture on the ground of a gallery fills it. */
enum GroundFit: string implements Labelled
{
    case Cover = 'cover';
    case Tiled = 'tiled';

    public function label(): string
    {
        return match ($this) {
            self::Cover => 'Covers it',
            self::Tiled => 'Tiled',
        };
    }
}
