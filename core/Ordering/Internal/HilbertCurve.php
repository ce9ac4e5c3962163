<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering\Internal;

/**
 * The place of a point along a Hilbert curve through a cube of 32 x 32 x 32: points that are near
 * on the curve are near in the cube. (Skilling, "Programming the Hilbert curve", 2004)
 *
 * @internal
 */
final class HilbertCurve
{
    private const BITS = 5;

    /**
     * @param  int  $x  0 to 31, like the others
     */
    public static function index(int $x, int $y, int $z): int
    {
        $point = [$x, $y, $z];
        for ($bit = 1 << (self::BITS - 1); $bit > 1; $bit >>= 1) {
            foreach ([0, 1, 2] as $axis) {
                if (($point[$axis] & $bit) !== 0) {
                    $point[0] ^= $bit - 1;
                } else {
                    $swap = ($point[0] ^ $point[$axis]) & ($bit - 1);
                    $point[0] ^= $swap;
                    $point[$axis] ^= $swap;
                }
            }
        }
        $point[1] ^= $point[0];
        $point[2] ^= $point[1];
        $flip = 0;
        for ($bit = 1 << (self::BITS - 1); $bit > 1; $bit >>= 1) {
            $flip ^= ($point[2] & $bit) !== 0 ? $bit - 1 : 0;
        }
        $index = 0;
        for ($bit = self::BITS - 1; $bit >= 0; $bit--) {
            foreach ($point as $coordinate) {
                $index = $index << 1 | (($coordinate ^ $flip) >> $bit & 1);
            }
        }

        return $index;
    }
}
