<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;

/** There is no act left to take back, or to do again. */
final class NothingToUndoException extends RuntimeException
{
    public static function undo(): self
    {
        return new self('There is nothing left to undo in this gallery.');
    }

    public static function notYours(string $summary): self
    {
        return new self("The last act on this gallery is another one than you mean: somebody {$summary}. It is taken back only where you say that very one.");
    }

    public static function redo(): self
    {
        return new self('There is nothing to do again in this gallery.');
    }

    public static function changedSince(string $summary): self
    {
        return new self("This cannot be taken back as it was: something of it was changed since ({$summary}).");
    }

    public static function noSuchPoint(): self
    {
        return new self('There is no such point in the history of this gallery any more.');
    }
}
