<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Labelled;

/** Where a round magnifier follows the pointer or a finger. */
enum LoupePlace: string implements Labelled
{
    case None = 'none';
    case Tiles = 'tiles';
    case Large = 'large';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::None => 'None',
            self::Tiles => 'Over the tiles',
            self::Large => 'In the large view',
            self::Both => 'Both',
        };
    }
}
