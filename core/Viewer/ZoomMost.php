<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Labelled;

/** How far a picture can be enlarged. */
enum ZoomMost: string implements Labelled
{
    case None = 'none';
    case Two = '2';
    case Three = '3';
    case Four = '4';

    /** Until one of its pixels is one of the screen's. */
    case Own = 'own';

    public function label(): string
    {
        return match ($this) {
            self::None => 'Not at all',
            self::Own => 'To its own pixels',
            default => "{$this->value} times",
        };
    }

    /** @return int times; 0 for its own pixels, 1 for not at all */
    public function times(): int
    {
        return match ($this) {
            self::None => 1,
            self::Own => 0,
            default => (int) $this->value,
        };
    }
}
