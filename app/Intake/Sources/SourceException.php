<?php

declare(strict_types=1);

namespace App\Intake\Sources;

use RuntimeException;
use ZincPane\Core\Foreign;

/** Something was asked of a source that it does not have. */
final class SourceException extends RuntimeException
{
    public static function noSuchFile(string $label, string $id): self
    {
        return new self(Foreign::shown($id)." is not on the {$label}, or no longer. Look at it again.");
    }

    public static function noSuchSource(string $name): self
    {
        return new self('There is no source called '.Foreign::shown($name).'.');
    }

    public static function brokenIndex(string $label): self
    {
        return new self("The index of the {$label} cannot be read. Put the folder back as it was shipped.");
    }
}
