<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

/** A window that a gallery is measured in. */
final readonly class Viewport
{
    /** px of the window of an ordinary wide page, and of a phone. */
    public const WIDE = 1280;

    public const PHONE = 390;

    /** And its height. */
    public const WIDE_HEIGHT = 800;

    public const PHONE_HEIGHT = 844;

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
        return new self($inner, self::WIDE, self::WIDE_HEIGHT, 1);
    }

    /**
     * @param  float  $inner  px of width that the gallery has in a window 390 px wide
     */
    public static function phone(float $inner): self
    {
        return new self($inner, self::PHONE, self::PHONE_HEIGHT, 3);
    }
}
