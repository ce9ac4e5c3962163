<?php

declare(strict_types=1);

namespace ZincPane\Core\Colour;

/**
 * A colour in OKLab, where equal distances look equally far apart.
 * (https://bottosson.github.io/posts/oklab/)
 */
final readonly class Oklab
{
    /**
     * @param  float  $l  lightness, 0 (black) to 1 (white)
     * @param  float  $a  green (below 0) to red, about -0.4 to 0.4
     * @param  float  $b  blue (below 0) to yellow, about -0.4 to 0.4
     */
    private function __construct(public float $l, public float $a, public float $b)
    {
    }

    public static function of(float $l, float $a, float $b): self
    {
        return new self($l, $a, $b);
    }

    /**
     * @param  int  $rgb  sRGB as 0xRRGGBB
     */
    public static function fromRgb(int $rgb): self
    {
        $red = self::linear($rgb >> 16 & 255);
        $green = self::linear($rgb >> 8 & 255);
        $blue = self::linear($rgb & 255);
        $l = (0.4122214708 * $red + 0.5363325363 * $green + 0.0514459929 * $blue) ** (1 / 3);
        $m = (0.2119034982 * $red + 0.6806995451 * $green + 0.1073969566 * $blue) ** (1 / 3);
        $s = (0.0883024619 * $red + 0.2817188376 * $green + 0.6299787005 * $blue) ** (1 / 3);

        return new self(
            0.2104542553 * $l + 0.7936177850 * $m - 0.0040720468 * $s,
            1.9779984951 * $l - 2.4285922050 * $m + 0.4505937099 * $s,
            0.0259040371 * $l + 0.7827717662 * $m - 0.8086757660 * $s,
        );
    }

    /** sRGB as 0xRRGGBB; what lies outside sRGB is cut off. */
    public function toRgb(): int
    {
        $l = ($this->l + 0.3963377774 * $this->a + 0.2158037573 * $this->b) ** 3;
        $m = ($this->l - 0.1055613458 * $this->a - 0.0638541728 * $this->b) ** 3;
        $s = ($this->l - 0.0894841775 * $this->a - 1.2914855480 * $this->b) ** 3;

        return self::encoded(4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s) << 16
            | self::encoded(-1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s) << 8
            | self::encoded(-0.0041960863 * $l - 0.7034186147 * $m + 1.7076147010 * $s);
    }

    /** As CSS has it: "#edbe3f". */
    public function toHex(): string
    {
        return sprintf('#%06x', $this->toRgb());
    }

    /** How far two colours look apart: 0.02 is barely seen, black to white is 1. */
    public function distance(self $other): float
    {
        return sqrt(($this->l - $other->l) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2);
    }

    /** How strong the colour is, 0 for greys. */
    public function chroma(): float
    {
        return sqrt($this->a ** 2 + $this->b ** 2);
    }

    /** One channel of sRGB, 0 to 255, as light. (IEC 61966-2-1) */
    private static function linear(int $channel): float
    {
        /** @var array<int, float> $table */
        static $table = [];

        return $table[$channel] ??= Luminance::light($channel);
    }

    private static function encoded(float $light): int
    {
        $value = $light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055;

        return (int) round(255 * max(0.0, min(1.0, $value)));
    }
}
