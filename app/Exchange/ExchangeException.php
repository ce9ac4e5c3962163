<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Intake\IntakeException;
use RuntimeException;
use Throwable;
use ZincPane\Core\Foreign;

/** Files from elsewhere that no gallery can be made of: says which, and why. Nothing of them was taken. */
final class ExchangeException extends RuntimeException
{
    private function __construct(public readonly string $named, string $message, ?Throwable $previous = null)
    {
        parent::__construct($message, 0, $previous);
    }

    public static function nothing(string $called): self
    {
        return new self($called, 'In “'.Foreign::word($called).'” there are neither pictures nor an index that tells of some.');
    }

    public static function unreadable(string $name, Throwable $why): self
    {
        return new self($name, $why instanceof IntakeException ? $why->getMessage() : '“'.Foreign::word($name).'” '.$why->getMessage(), $why);
    }

    public static function absent(string $name): self
    {
        return new self($name, '“'.Foreign::word($name).'” is named in the file, and did not come with it. Write the gallery out again, and bring the whole of it.');
    }

    public static function altered(string $name): self
    {
        return new self($name, '“'.Foreign::word($name).'” is not what it was when the gallery was written out. Write it out again, and bring the whole of it.');
    }
}
