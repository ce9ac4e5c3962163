<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use InvalidArgumentException;
use Throwable;
use ZincPane\Core\Foreign;

/** A file that holds no finish that could be taken in. */
final class FinishFileException extends InvalidArgumentException
{
    public static function tooLarge(int $bytes, int $most): self
    {
        return new self('The file has '.number_format($bytes).' bytes; a finish has '.number_format($most).' at most.');
    }

    public static function notJson(Throwable $previous): self
    {
        return new self('The file holds no JSON, as a finish that was sent out does.', previous: $previous);
    }

    public static function otherProgram(mixed $program): self
    {
        return new self('The file holds no finish of Zinc Pane'.($program === null ? '' : '; it says that it is of '.Foreign::shown($program)).'.');
    }

    public static function newer(mixed $schema, int $known): self
    {
        return new self('The file is of the schema '.Foreign::shown($schema)."; this installation reads up to {$known}. Bring it up to date first.");
    }
}
