<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;

/** A change was made on a version of the gallery that is no longer the newest. */
final class StaleVersionException extends RuntimeException
{
    /**
     * @param  list<string>  $since  what was done since, in words
     * @param  list<array{path: string, label: string, of: ?string, mine: string, theirs: string}>  $clashes  what both changed
     */
    private function __construct(public readonly int $current, public readonly array $since, public readonly array $clashes, string $message)
    {
        parent::__construct($message);
    }

    /**
     * @param  list<string>  $since
     * @param  list<array{path: string, label: string, of: ?string, mine: string, theirs: string}>  $clashes  none means that the change may be made on the newest version as it is
     */
    public static function between(int $given, int $current, array $since, array $clashes = []): self
    {
        $what = $since === [] ? 'it was changed' : implode(', ', array_unique($since));

        return new self($current, $since, $clashes, "This change was made on version {$given}, but the gallery is at version {$current}: in the meantime someone {$what}. Nothing was overwritten; look at the newer state and make your change again.");
    }
}
