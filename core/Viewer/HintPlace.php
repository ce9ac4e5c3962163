<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Labelled;

/** Where it is said what a click does. */
enum HintPlace: string implements Labelled
{
    case None = 'none';
    case Above = 'above';
    case Below = 'below';

    /** On the picture that is pointed at or focused. */
    case Pointed = 'pointed';

    public function label(): string
    {
        return match ($this) {
            self::None => 'None',
            self::Above => 'Above the gallery',
            self::Below => 'Below the gallery',
            self::Pointed => 'On the picture pointed at',
        };
    }
}
