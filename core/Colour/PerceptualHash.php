<?php

declare(strict_types=1);

namespace ZincPane\Core\Colour;

use InvalidArgumentException;

/**
 * What a picture looks like in 64 bits: pictures that look alike differ in few of them.
 *
 * The signs of the 64 lowest frequencies of a discrete cosine transform of the lightness, against
 * their median. (Zauner, "Implementation and Benchmarking of Perceptual Image Hash Functions", 2010)
 */
final readonly class PerceptualHash
{
    /** Up to so many bits of difference, two pictures are taken for near-duplicates, also where one is the mirror image of the other; unrelated ones differ in 14 and more. */
    public const ALIKE = 12;

    /** Bits of each word that change in a mirror image: every other frequency across has another sign. */
    public const MIRRORED = 0xAAAA;

    private const SIDE = 32;

    private const KEPT = 8;

    /**
     * @param  string  $hex  16 hexadecimal digits
     */
    private function __construct(public string $hex)
    {
    }

    /**
     * @throws InvalidArgumentException when it is not 16 hexadecimal digits
     */
    public static function parse(string $hex): self
    {
        return preg_match('/^[0-9a-f]{16}$/', $hex) === 1
            ? new self($hex)
            : throw new InvalidArgumentException('A look hash has 16 hexadecimal digits.');
    }

    public static function of(Raster $raster): self
    {
        $light = array_map(
            static fn (int $rgb): float => 0.299 * ($rgb >> 16 & 255) + 0.587 * ($rgb >> 8 & 255) + 0.114 * ($rgb & 255),
            $raster->averaged(self::SIDE, self::SIDE),
        );
        $low = self::lowFrequencies($light);
        $sorted = $low;
        sort($sorted);
        $median = ($sorted[31] + $sorted[32]) / 2;
        $hex = '';
        foreach (array_chunk($low, 4) as [$a, $b, $c, $d]) {
            $hex .= dechex(($a > $median ? 8 : 0) | ($b > $median ? 4 : 0) | ($c > $median ? 2 : 0) | ($d > $median ? 1 : 0));
        }

        return new self($hex);
    }

    /**
     * @return array{int, int, int, int} the hash as four words of 16 bits
     */
    public function words(): array
    {
        return array_map(static fn (string $word): int => (int) hexdec($word), str_split($this->hex, 4)) + [0, 0, 0, 0];
    }

    /**
     * Rows first, then columns; of both only the low frequencies but the constant one.
     *
     * @param  list<float>  $light  32 x 32
     * @return list<float> 8 x 8, row by row
     */
    private static function lowFrequencies(array $light): array
    {
        $cosines = self::cosines();
        $rows = [];
        for ($y = 0; $y < self::SIDE; $y++) {
            for ($u = 0; $u < self::KEPT; $u++) {
                $sum = 0.0;
                for ($x = 0; $x < self::SIDE; $x++) {
                    $sum += $light[$y * self::SIDE + $x] * $cosines[$u][$x];
                }
                $rows[$u][$y] = $sum;
            }
        }
        $low = [];
        for ($v = 0; $v < self::KEPT; $v++) {
            for ($u = 0; $u < self::KEPT; $u++) {
                $sum = 0.0;
                for ($y = 0; $y < self::SIDE; $y++) {
                    $sum += $rows[$u][$y] * $cosines[$v][$y];
                }
                $low[] = $sum;
            }
        }

        return $low;
    }

    /**
     * @return list<list<float>> of frequencies 1 to 8
     */
    private static function cosines(): array
    {
        /** @var list<list<float>> $cosines */
        static $cosines = [];
        if ($cosines === []) {
            for ($u = 1; $u <= self::KEPT; $u++) {
                $cosines[] = array_map(static fn (int $x): float => cos(M_PI * $u * (2 * $x + 1) / (2 * self::SIDE)), range(0, self::SIDE - 1));
            }
        }

        return $cosines;
    }
}
