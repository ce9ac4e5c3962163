<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Geometry\Linear;

/** Writes numbers and lengths as CSS has them. */
final class Css
{
    /**
     * A line in some width as a CSS length: `calc(33.3333% - 5.3333px)`, `120px`, `50%`.
     *
     * @param  string  $unit  of the width: "%", "cqw" or "vw", a hundredth of it each
     * @param  int  $decimals  kept; four are exact to 0.01 px at any width in use
     */
    public static function length(Linear $line, string $unit, int $decimals = 4): string
    {
        $share = self::number(100 * $line->a, $decimals);
        $px = self::number(abs($line->b), $decimals);
        if ($px === '0') {
            return $share === '0' ? '0px' : $share.$unit;
        }
        if ($share === '0') {
            return self::number($line->b, $decimals).'px';
        }

        return "calc({$share}{$unit} ".($line->b < 0 ? '-' : '+')." {$px}px)";
    }

    /** A number without needless zeros, never in exponent form. */
    public static function number(float $value, int $decimals = 4): string
    {
        $written = number_format($value, $decimals, '.', '');
        if (str_contains($written, '.')) {
            $written = rtrim(rtrim($written, '0'), '.');
        }

        return $written === '-0' ? '0' : $written;
    }
}
