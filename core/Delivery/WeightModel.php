<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

use ZincPane\Core\Geometry\Size;

/**
 * How heavy a rendition is: told by the file where there is one, else predicted from those there are.
 *
 * Bytes grow with a power of the width. Between two files of the same picture the power is theirs: the logarithm of
 * the bytes lies on the line between. Beyond them it is halfway between theirs and the usual one, b = b₀·(w / w₀)^1.63, which
 * was fitted by least squares in logarithms over the demo's WebP files; beside a single file it is the usual one. The
 * benchmark `weight-model` prints the error. A picture without any file is taken for an ordinary one.
 */
final class WeightModel
{
    public const EXPONENT = 1.63;

    /** Bytes a px of an ordinary picture 540 px wide. */
    private const ORDINARY = 0.07;

    private const ORDINARY_WIDTH = 540;

    /**
     * @param  array<int, int>  $files  bytes of those there are, by width in px
     * @param  int  $width  px
     * @return float bytes
     */
    public static function bytes(array $files, Size $picture, int $width): float
    {
        if (isset($files[$width])) {
            return (float) $files[$width];
        }
        $below = $above = [];
        foreach (array_filter($files, static fn (int $bytes): bool => $bytes > 0) as $known => $bytes) {
            $known < $width ? $below[$known] = $bytes : $above[$known] = $bytes;
        }
        krsort($below);
        ksort($above);

        return match (true) {
            $below !== [] && $above !== [] => self::on(self::first($below), self::first($above), $width, 1.0),
            $below !== [] => self::beyond($below, $width),
            $above !== [] => self::beyond($above, $width),
            default => self::on([self::ORDINARY_WIDTH, self::ORDINARY * self::ORDINARY_WIDTH ** 2 / $picture->ratio()->value], null, $width, 0.0),
        };
    }

    /**
     * @param  non-empty-array<int, int>  $files  all to one side, the nearest first
     */
    private static function beyond(array $files, int $width): float
    {
        $next = array_slice($files, 1, 1, true);

        return self::on(self::first($files), $next === [] ? null : self::first($next), $width, 0.5);
    }

    /**
     * @param  array{int, float}  $near  width in px, and bytes
     * @param  ?array{int, float}  $other
     * @param  float  $share  of the power that comes from both
     */
    private static function on(array $near, ?array $other, int $width, float $share): float
    {
        $power = $other === null ? self::EXPONENT : $share * log($other[1] / $near[1]) / log($other[0] / $near[0]) + (1 - $share) * self::EXPONENT;

        return $near[1] * ($width / $near[0]) ** $power;
    }

    /**
     * @param  non-empty-array<int, int>  $files
     * @return array{int, float}
     */
    private static function first(array $files): array
    {
        $width = array_key_first($files);

        return [$width, (float) $files[$width]];
    }
}
