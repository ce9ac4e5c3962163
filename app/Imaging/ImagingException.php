<?php

declare(strict_types=1);

namespace App\Imaging;

use RuntimeException;
use ZincPane\Core\Foreign;

/** The imaging library could not do what was asked. */
final class ImagingException extends RuntimeException
{
    public static function refused(string $command, string $complaint): self
    {
        return new self("{$command} could not do its work: ".Foreign::word(trim($complaint)));
    }

    public static function tookTooLong(string $command, int $seconds): self
    {
        return new self("{$command} was stopped after {$seconds} s.");
    }
}
