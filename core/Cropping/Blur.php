<?php

declare(strict_types=1);

namespace ZincPane\Core\Cropping;

/** Means over squares of a map of numbers, row by row. */
final class Blur
{
    /**
     * The mean over a square around each place, by sums over rows and then columns; at the edges over what there is of it.
     *
     * @param  list<float>  $map
     * @return list<float>
     */
    public static function box(array $map, int $width, int $height, int $radius): array
    {
        return self::along(self::along($map, $radius, $width, $height, 1, $width), $radius, $height, $width, $width, 1);
    }

    /**
     * Half as wide and high, rounded up: the means of four places each, at the far edges of what there is of them.
     *
     * @param  list<float>  $map
     * @return list<float>
     */
    public static function halved(array $map, int $width, int $height): array
    {
        $halved = [];
        for ($y = 0; $y < $height; $y += 2) {
            $below = $y + 1 < $height ? $width : 0;
            for ($x = 0; $x < $width; $x += 2) {
                $i = $y * $width + $x;
                $beside = $x + 1 < $width ? 1 : 0;
                $halved[] = ($map[$i] + $map[$i + $beside] + $map[$i + $below] + $map[$i + $below + $beside]) / 4;
            }
        }

        return $halved;
    }

    /**
     * @param  list<float>  $map
     * @param  int  $step  from one place of a line to the next
     * @param  int  $stride  from one line to the next
     * @return list<float>
     */
    private static function along(array $map, int $radius, int $length, int $lines, int $step, int $stride): array
    {
        $out = $map;
        $radius = min($radius, $length - 1);
        // Each line falls into three: where more comes in, where as much goes as comes, and where some goes.
        $reach = $radius * $step;
        $full = 2 * $radius + 1;
        for ($line = 0; $line < $lines; $line++) {
            $at = $line * $stride;
            $sum = 0.0;
            for ($k = 0, $i = $at; $k < $radius; $k++, $i += $step) {
                $sum += $map[$i];
            }
            $k = 0;
            for ($end = min($radius, $length - 1 - $radius); $k <= $end; $k++, $at += $step) {
                $sum += $map[$at + $reach];
                $out[$at] = $sum / ($k + $radius + 1);
            }
            for ($end = $length - $radius; $k < $end; $k++, $at += $step) {
                $sum += $map[$at + $reach] - $map[$at - $reach - $step];
                $out[$at] = $sum / $full;
            }
            for (; $k < $length; $k++, $at += $step) {
                $sum -= $k > $radius ? $map[$at - $reach - $step] : 0.0;
                $out[$at] = $sum / ($length - max(0, $k - $radius));
            }
        }

        return array_values($out);
    }
}
