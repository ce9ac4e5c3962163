<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;

/** A change was made on a version of the gallery that is no longer the newest. */
final class StaleVersionException extends RuntimeException
{
    /**
     * @param  list<string>  $since  what was done since, in words
     */
    private function __construct(public readonly int $current, public readonly array $since, string $message)
    {
        parent::__construct($message);
    }

    /**
     * @param  list<string>  $since
     */
    public static function between(int $given, int $current, array $since): self
    {
        $what = $since === [] ? 'it was changed' : implode(', ', array_unique($since));

        return new self($current, $since, "This change was made on version {$given}, but the gallery is at version {$current}: in the meantime someone {$what}. Nothing was overwritten; look at the newer state and make your change again.");
    }
}
