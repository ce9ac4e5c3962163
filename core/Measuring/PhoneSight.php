<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

/** How large a tile has to be to serve on a phone; px of its shorter side. All that judges it asks here. */
final class PhoneSight
{
    /** A finger meets it (https://www.w3.org/WAI/WCAG22/Understanding/target-size-enhanced.html). */
    public const TAPPED = 44;

    /** Below this one cannot tell what is to be seen. */
    public const LEAST = 72;

    /** From this on it is seen well. */
    public const WELL = 110;

    public static function isTooSmall(int $smallest): bool
    {
        return $smallest < self::LEAST;
    }

    /**
     * @return float 0 where no finger meets it, 1 where it is seen well
     */
    public static function quality(int $smallest): float
    {
        return min(1.0, max(0.0, ($smallest - self::TAPPED) / (self::WELL - self::TAPPED)));
    }
}
