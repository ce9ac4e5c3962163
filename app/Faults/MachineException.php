<?php

declare(strict_types=1);

namespace App\Faults;

use RuntimeException;
use Throwable;

/** Something could not be done, and the machine is to blame. */
final class MachineException extends RuntimeException
{
    public function __construct(public readonly Cause $cause, Throwable $previous)
    {
        parent::__construct($cause->says(), 0, $previous);
    }

    /**
     * The fault itself, where the machine is not to blame for it.
     *
     * @template T of Throwable
     *
     * @param  T  $fault
     * @param  ?string  $folder  that was being written to
     * @return T|self
     */
    public static function orElse(Throwable $fault, ?string $folder = null): Throwable
    {
        $cause = Cause::of($fault, $folder);

        return $cause === null ? $fault : new self($cause, $fault);
    }
}
