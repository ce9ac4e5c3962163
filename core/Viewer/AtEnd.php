<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Labelled;

/** What follows the last picture. */
enum AtEnd: string implements Labelled
{
    case Again = 'again';
    case Stop = 'stop';

    public function label(): string
    {
        return $this === self::Again ? 'Begins again' : 'Stops';
    }
}
