<?php

declare(strict_types=1);

namespace App\Elsewhere;

/** What is left of HTML that was pasted into a strict editor. */
final readonly class Cleaned
{
    /**
     * @param  list<string>  $lost  what was taken out, in words
     */
    public function __construct(public string $html, public array $lost)
    {
    }
}
