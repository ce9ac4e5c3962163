<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** How a motion begins and ends (https://drafts.csswg.org/css-easing/). */
enum Easing: string implements Labelled
{
    case Ease = 'ease';
    case Out = 'ease-out';
    case InOut = 'ease-in-out';
    case Linear = 'linear';

    public function label(): string
    {
        return match ($this) {
            self::Ease => 'Soft',
            self::Out => 'Soft end',
            self::InOut => 'Soft ends',
            self::Linear => 'Even',
        };
    }
}
