<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Intake\IntakeException;

/** Files that came together: a ZIP, or a folder. */
interface Archive
{
    /**
     * @return list<string> paths from its top, with slashes
     */
    public function names(): array;

    /**
     * @param  int  $most  bytes
     *
     * @throws IntakeException when it cannot be read, or is larger
     */
    public function text(string $name, int $most): string;

    /**
     * @template T
     *
     * @param  callable(string): T  $work  with the path of a file that is there as long as the work takes
     * @return T
     *
     * @throws IntakeException when it cannot be read
     */
    public function with(string $name, callable $work): mixed;
}
