<?php

declare(strict_types=1);

namespace ZincPane\Core\Geometry;

use InvalidArgumentException;

/** Width over height of a picture or a tile: 3:2 is 1.5, a portrait is below 1. */
final readonly class Ratio
{
    private function __construct(public float $value)
    {
    }

    /**
     * @throws InvalidArgumentException when either side is not above zero
     */
    public static function of(float $width, float $height): self
    {
        if ($width <= 0 || $height <= 0) {
            throw new InvalidArgumentException("A ratio needs two sides above zero, got {$width}:{$height}.");
        }

        return new self($width / $height);
    }
}
