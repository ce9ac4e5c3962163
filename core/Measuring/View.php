<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

/** A window that a gallery is measured in. */
final readonly class View
{
    /**
     * @param  float  $inner  px of width that the gallery has
     * @param  int  $width  px of the window
     * @param  int  $height  px of the window
     * @param  int  $density  device px for each CSS px
     */
    public function __construct(public float $inner, public int $width, public int $height, public int $density)
    {
    }

    /**
     * @param  float  $inner  px of width that the gallery has in a window 1280 px wide
     */
    public static function wide(float $inner): self
    {
        return new self($inner, 1280, 800, 1);
    }

    /**
     * @param  float  $inner  px of width that the gallery has in a window 390 px wide
     */
    public static function phone(float $inner): self
    {
        return new self($inner, 390, 844, 3);
    }
}
