<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** How a line is drawn, by the names CSS has (https://drafts.csswg.org/css-backgrounds/#border-style). */
enum LineStyle: string implements Labelled
{
    case None = 'none';
    case Solid = 'solid';
    case Dashed = 'dashed';
    case Dotted = 'dotted';
    case Double = 'double';

    public function label(): string
    {
        return match ($this) {
            self::None => 'No line',
            self::Solid => 'Solid',
            self::Dashed => 'Dashed',
            self::Dotted => 'Dotted',
            self::Double => 'Double',
        };
    }
}
