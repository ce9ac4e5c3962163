<?php

declare(strict_types=1);

namespace ZincPane\Core\Cropping;

use InvalidArgumentException;

/** The point of a picture that every crop keeps in view; shares of its width and height, 0 to 1. */
final readonly class FocalPoint
{
    private function __construct(public float $x, public float $y)
    {
    }

    /**
     * @throws InvalidArgumentException when a share lies outside 0 to 1
     */
    public static function of(float $x, float $y): self
    {
        if (! ($x >= 0 && $x <= 1 && $y >= 0 && $y <= 1)) {
            throw new InvalidArgumentException("A focal point lies within 0 to 1 both ways, got {$x}, {$y}.");
        }

        return new self($x, $y);
    }

    public static function centre(): self
    {
        return new self(0.5, 0.5);
    }
}
