<?php

declare(strict_types=1);

namespace ZincPane\Core\Geometry;

/** Inner widths in px from one (inclusive) to another (exclusive; null is without end). */
final readonly class WidthBand
{
    public function __construct(public int $from, public ?int $until)
    {
    }

    public function contains(float $width): bool
    {
        return $width >= $this->from && ($this->until === null || $width < $this->until);
    }
}
