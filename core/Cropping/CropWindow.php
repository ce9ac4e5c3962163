<?php

declare(strict_types=1);

namespace ZincPane\Core\Cropping;

use ZincPane\Core\Geometry\Ratio;

/** The part of a picture that a tile of another shape shows; shares of the picture, 0 to 1. */
final readonly class CropWindow
{
    private function __construct(
        public float $left,
        public float $top,
        public float $width,
        public float $height,
    ) {
    }

    /**
     * The largest window of the tile's shape, as near to being centred on the focal point as the
     * picture's edges allow.
     */
    public static function cover(Ratio $picture, Ratio $tile, FocalPoint $focal): self
    {
        $width = min(1.0, $tile->value / $picture->value);
        $height = min(1.0, $picture->value / $tile->value);

        return new self(
            self::start($focal->x, $width),
            self::start($focal->y, $height),
            $width,
            $height,
        );
    }

    /** The share of the picture's area that is not seen, 0 to 1. */
    public function lost(): float
    {
        return 1 - $this->width * $this->height;
    }

    /**
     * The window as CSS `object-position` has it: the same point, in per cent, of picture and tile
     * lie upon each other. (https://drafts.csswg.org/css-images-3/#the-object-position)
     *
     * @return array{float, float} per cent across and down, 50 where nothing is cropped
     */
    public function objectPosition(): array
    {
        return [self::position($this->left, $this->width), self::position($this->top, $this->height)];
    }

    private static function start(float $focal, float $share): float
    {
        return max(0.0, min(1 - $share, $focal - $share / 2));
    }

    private static function position(float $start, float $share): float
    {
        return $share >= 1 ? 50.0 : 100 * $start / (1 - $share);
    }
}
