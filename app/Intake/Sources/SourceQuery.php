<?php

declare(strict_types=1);

namespace App\Intake\Sources;

use ZincPane\Core\Colour\Oklab;

/** What is looked for in a source; nothing is everything. */
final readonly class SourceQuery
{
    private function __construct(public string $words, public string $category, public ?Oklab $colour, public bool $onlyNew)
    {
    }

    /**
     * As it was asked for; an empty text asks for nothing.
     *
     * @param  string  $colour  six hexadecimal digits
     */
    public static function of(string $words = '', string $category = '', string $colour = '', bool $onlyNew = false): self
    {
        return new self($words, $category, $colour === '' ? null : Oklab::fromRgb((int) hexdec($colour)), $onlyNew);
    }
}
