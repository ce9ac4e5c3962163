<?php

declare(strict_types=1);

namespace ZincPane\Core\Geometry;

/** Where a tile stands: four lines in the inner width, from the gallery's top left corner. */
final readonly class Box
{
    public function __construct(
        public Linear $left,
        public Linear $top,
        public Linear $width,
        public Linear $height,
    ) {
    }

    /**
     * Its place in px at an inner width in px.
     *
     * @return array{left: float, top: float, width: float, height: float}
     */
    public function at(float $width): array
    {
        return [
            'left' => $this->left->at($width),
            'top' => $this->top->at($width),
            'width' => $this->width->at($width),
            'height' => $this->height->at($width),
        ];
    }
}
