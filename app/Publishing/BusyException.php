<?php

declare(strict_types=1);

namespace App\Publishing;

use RuntimeException;

/** Somebody else is putting something live, and takes long. */
final class BusyException extends RuntimeException
{
    public static function after(int $seconds): self
    {
        return new self("Another gallery has been going live for {$seconds} seconds. Nothing was changed; try again in a moment.");
    }
}
