<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;
use ZincPane\Core\Design\FinishFileException;

/** A file that holds no finish that could be taken in; nothing was stored. */
final class FinishNotTakenException extends RuntimeException
{
    public static function from(FinishFileException $refusal): self
    {
        return new self($refusal->getMessage(), previous: $refusal);
    }
}
