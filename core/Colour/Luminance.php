<?php

declare(strict_types=1);

namespace ZincPane\Core\Colour;

/**
 * How light a colour is, and how far two stand apart for reading, as WCAG 2.2 has it.
 * (https://www.w3.org/TR/WCAG22/#dfn-relative-luminance, https://www.w3.org/TR/WCAG22/#dfn-contrast-ratio)
 */
final class Luminance
{
    /** What letters need against their ground, and large ones. (https://www.w3.org/TR/WCAG22/#contrast-minimum) */
    public const ENOUGH = 4.5;

    public const ENOUGH_LARGE = 3.0;

    /** px from which letters are large, and bold ones of which weight. */
    private const LARGE = 24.0;

    private const LARGE_BOLD = 18.66;

    private const BOLD = 700;

    /** Share of each channel of sRGB. */
    public const RED = 0.2126;

    public const GREEN = 0.7152;

    public const BLUE = 0.0722;

    /**
     * One channel as light.
     *
     * @param  float  $channel  of sRGB, 0 to 255
     * @return float 0 to 1
     */
    public static function light(float $channel): float
    {
        $share = $channel / 255;

        return $share <= 0.04045 ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4;
    }

    /**
     * @param  string  $colour  "#8090a0"
     * @return float 0 to 1
     */
    public static function of(string $colour): float
    {
        [$red, $green, $blue] = self::channels($colour);

        return self::RED * self::light($red) + self::GREEN * self::light($green) + self::BLUE * self::light($blue);
    }

    /**
     * @param  float  $one  luminance
     * @param  float  $other  luminance
     * @return float 1 to 21
     */
    public static function ratio(float $one, float $other): float
    {
        return (max($one, $other) + 0.05) / (min($one, $other) + 0.05);
    }

    /**
     * What is seen of a colour that something shines through.
     *
     * @param  string  $colour  "#8090a0"
     * @param  float  $solid  0 to 1
     * @param  string  $behind  "#8090a0"
     * @return string "#8090a0"
     */
    public static function over(string $colour, float $solid, string $behind): string
    {
        [$own, $other] = [self::channels($colour), self::channels($behind)];

        return sprintf('#%02x%02x%02x', ...array_map(static fn (int $channel): int => (int) round($solid * $own[$channel] + (1 - $solid) * $other[$channel]), [0, 1, 2]));
    }

    /**
     * The ratio that letters need.
     *
     * @param  int  $size  px
     * @param  int  $weight  as CSS has it
     */
    public static function needed(int $size, int $weight): float
    {
        return $size >= self::LARGE || ($size >= self::LARGE_BOLD && $weight >= self::BOLD) ? self::ENOUGH_LARGE : self::ENOUGH;
    }

    /** A ratio as it is told. Cut, not rounded: what falls short by a hair must not look as if it did not. */
    public static function told(float $ratio): string
    {
        return number_format(floor(10 * $ratio) / 10, 1);
    }

    /**
     * @param  string  $colour  "#8090a0"
     * @return array{int, int, int} 0 to 255
     */
    public static function channels(string $colour): array
    {
        return [(int) hexdec(substr($colour, 1, 2)), (int) hexdec(substr($colour, 3, 2)), (int) hexdec(substr($colour, 5, 2))];
    }
}
