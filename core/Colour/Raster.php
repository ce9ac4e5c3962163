<?php

declare(strict_types=1);

namespace ZincPane\Core\Colour;

use InvalidArgumentException;

/** A picture made very small: all that the core needs to see of it. */
final readonly class Raster
{
    /** Greatest width and height in px. */
    public const LARGEST = 96;

    /**
     * @param  positive-int  $width
     * @param  positive-int  $height
     * @param  list<int>  $pixels  sRGB as 0xRRGGBB, row by row
     */
    private function __construct(public int $width, public int $height, public array $pixels)
    {
    }

    /**
     * @param  list<int>  $pixels  sRGB as 0xRRGGBB, row by row
     *
     * @throws InvalidArgumentException when a side is not 1 to 96 px, or the pixels are more or fewer than that
     */
    public static function of(int $width, int $height, array $pixels): self
    {
        if ($width < 1 || $height < 1 || $width > self::LARGEST || $height > self::LARGEST) {
            throw new InvalidArgumentException('A raster is 1 to '.self::LARGEST." px each way, got {$width} x {$height}.");
        }
        if (count($pixels) !== $width * $height) {
            throw new InvalidArgumentException("A raster of {$width} x {$height} px has ".$width * $height.' pixels, got '.count($pixels).'.');
        }

        return new self($width, $height, $pixels);
    }

    /**
     * Made smaller by averaging blocks, so that its longer side has at most so many px.
     *
     * @param  positive-int  $longest  px
     */
    public function within(int $longest): self
    {
        $step = (int) ceil(max($this->width, $this->height) / $longest);
        if ($step === 1) {
            return $this;
        }
        $width = max(1, intdiv($this->width, $step));
        $height = max(1, intdiv($this->height, $step));

        return new self($width, $height, $this->averaged($width, $height));
    }

    /**
     * The averages of equal blocks, whatever their number both ways.
     *
     * @param  positive-int  $columns
     * @param  positive-int  $rows
     * @return list<int> sRGB as 0xRRGGBB, row by row
     */
    public function averaged(int $columns, int $rows): array
    {
        $pixels = [];
        for ($row = 0; $row < $rows; $row++) {
            [$top, $bottom] = self::block($row, $rows, $this->height);
            for ($column = 0; $column < $columns; $column++) {
                [$left, $right] = self::block($column, $columns, $this->width);
                $red = $green = $blue = 0;
                for ($y = $top; $y < $bottom; $y++) {
                    for ($x = $left; $x < $right; $x++) {
                        $pixel = $this->pixels[$y * $this->width + $x];
                        $red += $pixel >> 16 & 255;
                        $green += $pixel >> 8 & 255;
                        $blue += $pixel & 255;
                    }
                }
                $count = ($bottom - $top) * ($right - $left);
                $pixels[] = intdiv($red, $count) << 16 | intdiv($green, $count) << 8 | intdiv($blue, $count);
            }
        }

        return $pixels;
    }

    /**
     * @return array{int, int} from the first (inclusive) to the last (exclusive), at least one
     */
    private static function block(int $index, int $count, int $size): array
    {
        $from = min($size - 1, intdiv($index * $size, $count));

        return [$from, max($from + 1, intdiv(($index + 1) * $size, $count))];
    }
}
