<?php

declare(strict_types=1);

namespace ZincPane\Core\Colour;

use InvalidArgumentException;

/**
 * A picture made small, in a few colours: of each pixel the number of its colour. So the colours of an area are counted
 * and not looked at one by one; two hundred pictures are looked over for one sentence about captions.
 */
final readonly class PixelGrid
{
    /** px of the shorter side at most: about what a tile has on a phone, which may show no more of a panorama than a square. */
    private const SHORT_SIDE = 144;

    /** px of the longer side at most. */
    private const LONG_SIDE = 4 * self::SHORT_SIDE;

    /** Most colours; as many as a byte tells apart. */
    public const COLOURS = 256;

    /**
     * @param  positive-int  $width
     * @param  positive-int  $height
     * @param  string  $numbers  of the colours, a byte a pixel, row by row
     * @param  string  $colours  red, green, blue of each, a byte each
     */
    private function __construct(public int $width, public int $height, public string $numbers, public string $colours)
    {
    }

    /**
     * @param  string  $numbers  of the colours, a byte a pixel, row by row
     * @param  string  $colours  red, green, blue of each
     *
     * @throws InvalidArgumentException when a side is below 1 px, or there are more or fewer pixels than that, or no colours, or too many
     */
    public static function of(int $width, int $height, string $numbers, string $colours): self
    {
        if ($width < 1 || $height < 1 || strlen($numbers) !== $width * $height) {
            throw new InvalidArgumentException("A grid of {$width} x {$height} px has a byte a pixel, got ".strlen($numbers).'.');
        }
        $count = intdiv(strlen($colours), 3);
        if ($count < 1 || $count > self::COLOURS || 3 * $count !== strlen($colours)) {
            throw new InvalidArgumentException('A grid has from 1 to '.self::COLOURS.' colours of three bytes, got '.strlen($colours).' bytes.');
        }

        return new self($width, $height, $numbers, $colours);
    }

    /**
     * How large the grid of a picture is; never larger than the picture.
     *
     * @param  int  $width  px of the picture, from 1
     * @param  int  $height  px of the picture, from 1
     * @return array{positive-int, positive-int} width and height in px
     */
    public static function sizeFor(int $width, int $height): array
    {
        $scale = min(1.0, self::SHORT_SIDE / min($width, $height), self::LONG_SIDE / max($width, $height));

        return [max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale))];
    }

    /**
     * How often each colour is in a rectangle; what of it lies outside of the picture is not counted.
     *
     * @param  int  $left  px, like the others; may be below 0
     * @return array<int, int> by number of the colour
     */
    public function counted(int $left, int $top, int $right, int $bottom): array
    {
        $left = max(0, $left);
        $across = min($this->width, $right) - $left;
        $top = max(0, $top);
        $bottom = min($this->height, $bottom);
        if ($across <= 0 || $top >= $bottom) {
            return [];
        }
        if ($across === $this->width) {
            return count_chars(substr($this->numbers, $top * $this->width, ($bottom - $top) * $this->width), 1);
        }
        $lines = '';
        for ($y = $top; $y < $bottom; $y++) {
            $lines .= substr($this->numbers, $y * $this->width + $left, $across);
        }

        return count_chars($lines, 1);
    }
}
