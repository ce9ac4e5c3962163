<?php

declare(strict_types=1);

namespace App\Intake;

use RuntimeException;
use ZincPane\Core\Foreign;

/** A part of a file that cannot be added to what is there. */
final class PartException extends RuntimeException
{
    private function __construct(public readonly int $status, string $message)
    {
        parent::__construct($message);
    }

    public static function wrongPlace(int $given, int $there): self
    {
        return new self(409, "This part begins at byte {$given}, but {$there} bytes have arrived. Ask how many have (HEAD) and go on from there.");
    }

    public static function beyondEnd(string $name, int $bytes): self
    {
        return new self(413, Foreign::shown($name)." was announced with {$bytes} bytes, and more came. Nothing of this part was kept.");
    }

    public static function badHeader(string $header): self
    {
        return new self(400, "The header {$header} is missing or is no whole number.");
    }

    public static function notWritable(string $name): self
    {
        return new self(507, Foreign::shown($name).' could not be written down; the disk may be full.');
    }
}
