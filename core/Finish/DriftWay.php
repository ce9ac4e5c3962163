<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** Which way the first lane moves. */
enum DriftWay: string implements Labelled
{
    case With = 'with';
    case Against = 'against';

    public function label(): string
    {
        return match ($this) {
            self::With => 'With the page',
            self::Against => 'Against it',
        };
    }
}
