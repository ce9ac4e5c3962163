<?php

declare(strict_types=1);

namespace ZincPane\Core\Geometry;

use InvalidArgumentException;

/** The size of a picture in whole px, as it is seen (after its orientation was applied). */
final readonly class Size
{
    private function __construct(public int $width, public int $height)
    {
    }

    /**
     * @throws InvalidArgumentException when a side is below 1 px
     */
    public static function of(int $width, int $height): self
    {
        if ($width < 1 || $height < 1) {
            throw new InvalidArgumentException("A picture has at least 1 x 1 px, got {$width} x {$height}.");
        }

        return new self($width, $height);
    }

    public function ratio(): Ratio
    {
        return Ratio::of($this->width, $this->height);
    }

    /** The height in whole px when the width becomes another one. */
    public function heightFor(int $width): int
    {
        return max(1, (int) round($width * $this->height / $this->width));
    }
}
