<?php

declare(strict_types=1);

namespace ZincPane\Core\Colour;

/** A colour of a picture, and the share of the picture that has it, 0 to 1. */
final readonly class Swatch
{
    public function __construct(public Oklab $colour, public float $share)
    {
    }

    /** How much it says about a picture: a strong colour says more than a larger grey. */
    public function weight(): float
    {
        return $this->share * (0.08 + $this->colour->chroma());
    }
}
