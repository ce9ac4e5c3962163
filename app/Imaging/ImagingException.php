<?php

declare(strict_types=1);

namespace App\Imaging;

use RuntimeException;
use ZincPane\Core\Foreign;

/** The imaging library could not do what was asked. */
final class ImagingException extends RuntimeException
{
    /**
     * @param  string  $complaint  what the tool said, whole
     */
    private function __construct(string $message, public readonly string $complaint = '')
    {
        parent::__construct($message);
    }

    public static function refused(string $command, string $complaint): self
    {
        return new self("{$command} could not do its work: ".Foreign::word(trim($complaint)), $complaint);
    }

    public static function notPreparedYet(string $name): self
    {
        return new self(Foreign::shown($name).' is still being prepared. Try again in a moment.');
    }

    public static function tookTooLong(string $command, int $seconds): self
    {
        return new self("{$command} was stopped after {$seconds} s.");
    }
}
