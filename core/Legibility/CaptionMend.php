<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

/** A change of captions after which all can be read. */
final readonly class CaptionMend
{
    /**
     * @param  string  $label  on a button: "Make it 68 %"
     * @param  array<string, mixed>  $captions  what it sets of them
     */
    public function __construct(public string $label, public array $captions)
    {
    }
}
