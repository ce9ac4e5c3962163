<?php

declare(strict_types=1);

namespace App\Pages;

use RuntimeException;
use ZincPane\Core\Site\Part;

/** Somebody else wrote on the page in the meantime. */
final class StalePageException extends RuntimeException
{
    public static function of(string $title): self
    {
        return new self("“{$title}” was written on in the meantime. Nothing was stored; look at it again, then change it.");
    }

    /**
     * @param  non-empty-list<Part>  $theirs  parts that both wrote, as they are now
     */
    public static function both(string $title, array $theirs): self
    {
        $says = implode(', ', array_map(static fn (Part $part): string => $part->says(), $theirs));

        return new self("Somebody else wrote on “{$title}” in the meantime, in the same part: {$says}. Nothing of yours was stored yet.");
    }
}
