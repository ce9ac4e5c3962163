<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

use ZincPane\Core\Geometry\Size;

/**
 * How heavy a rendition is: told by the file where there is one, else predicted.
 *
 * Bytes grow with a power of the width: b = b₀·(w / w₀)^1.63, from the nearest file of the same
 * picture; fitted by least squares in logarithms over the demo's WebP files (the error of it is
 * printed by the benchmark `weight-model`). A picture without any file is taken for an ordinary one.
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
        $near = null;
        foreach ($files as $known => $bytes) {
            if ($near === null || abs(log($known / $width)) < abs(log($near / $width))) {
                $near = $known;
            }
        }
        if ($near === null) {
            $near = self::ORDINARY_WIDTH;
            $files[$near] = self::ORDINARY * $near * $near / $picture->ratio()->value;
        }

        return $files[$near] * ($width / $near) ** self::EXPONENT;
    }
}
