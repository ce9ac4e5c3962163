<?php

declare(strict_types=1);

namespace App\Pages;

use RuntimeException;

/** Somebody else wrote on the page in the meantime. */
final class StalePageException extends RuntimeException
{
    public static function of(string $title): self
    {
        return new self("“{$title}” was written on in the meantime. Nothing was stored; look at it again, then change it.");
    }
}
