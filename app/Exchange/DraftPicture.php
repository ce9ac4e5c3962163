<?php

declare(strict_types=1);

namespace App\Exchange;

/** A picture that an index names, and what it says of it. */
final readonly class DraftPicture
{
    /**
     * @param  string  $file  among the files that came
     * @param  array<string, string|bool>  $words  by field, as they were found
     */
    public function __construct(public string $file, public array $words)
    {
    }
}
