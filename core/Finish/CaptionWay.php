<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** How a caption comes that is seen only when its picture is pointed at. */
enum CaptionWay: string implements Labelled
{
    case Fade = 'fade';
    case Rise = 'rise';
    case Side = 'side';

    public function label(): string
    {
        return match ($this) {
            self::Fade => 'Fades in',
            self::Rise => 'Slides up',
            self::Side => 'From the side',
        };
    }
}
