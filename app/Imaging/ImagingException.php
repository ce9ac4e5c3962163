<?php

declare(strict_types=1);

namespace App\Imaging;

use RuntimeException;
use ZincPane\Core\Foreign;

/** The imaging library could not do what was asked. */
final class ImagingException extends RuntimeException
{
    private const TOO_MUCH = 'too much was said';

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

    public static function ofPicture(string $name, self $why): self
    {
        return new self(Foreign::shown($name).' could not be prepared. Take it out or hide it, or send it again. '.$why->getMessage(), $why->complaint);
    }

    /**
     * @param  string  $what  lines of ExifTool
     */
    public static function stillTells(string $what): self
    {
        return new self('A video tells where or with what it was taken, and that could not be taken out: '.Foreign::word($what).'. Export it again without metadata.');
    }

    public static function fileMissing(string $name): self
    {
        return new self('A file of '.Foreign::shown($name).' is not there, and could not be made anew. Nothing was put live; take the picture out, or send it again.');
    }

    public static function notPreparedYet(string $name): self
    {
        return new self(Foreign::shown($name).' is still being prepared. Try again in a moment.');
    }

    /** Its bytes unpack to far more than they are. */
    public static function saidTooMuch(string $command, int $bytes): self
    {
        return new self("{$command} was stopped after it had said ".round($bytes / 1024 / 1024, 1).' MB.', self::TOO_MUCH);
    }

    public function isTooMuch(): bool
    {
        return $this->complaint === self::TOO_MUCH;
    }

    public static function tookTooLong(string $command, int $seconds): self
    {
        return new self("{$command} was stopped after {$seconds} s.");
    }
}
