<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\WidthBand;

/**
 * The bands of a layout whose tiles are as high as is wished and not as many as are counted: narrow ones, and in each
 * tiles a little larger than in the one before, so that a gallery jumps little where one begins.
 *
 * Tiles of one height on ever wider lines make a gallery ever lower, and within a band it only grows: so each band ends
 * with a fall. Where the wished height rises with the width, by its square root, the falls become small ones.
 */
final readonly class WidthSteps
{
    /** A band is at most so many times as wide as its start. */
    private const STEP = 1.122;

    /** And where every band is dear, of few pictures and of many. */
    private const COARSE = 1.15;

    private const COARSEST = 1.28;

    private const MANY = 300;

    /** px of inner width at which a height that is wished for wide pages is met exactly. */
    private const WIDE = 1120;

    /** Power of the width by which heights rise, and by which share they stray at most from what is wished. */
    private const POWER = 0.5;

    private const STRAY = 0.22;

    /**
     * @return non-empty-list<WidthBand> from 0 without end; one begins where the wide settings do
     */
    public static function bands(): array
    {
        return self::by(self::STEP);
    }

    /**
     * Fewer of them, for a layout in which every band is dear.
     *
     * @param  int  $count  of pictures
     * @return non-empty-list<WidthBand>
     */
    public static function coarse(int $count): array
    {
        return self::by($count > self::MANY ? self::COARSEST : self::COARSE);
    }

    /**
     * @param  non-empty-list<WidthBand>  $bands
     */
    public static function holding(float $width, array $bands): WidthBand
    {
        foreach ($bands as $band) {
            if ($band->contains($width)) {
                return $band;
            }
        }

        return $bands[0];
    }

    /**
     * @return non-empty-list<WidthBand>
     */
    private static function by(float $step): array
    {
        $starts = [...self::between(Arrangement::NARROWEST, LayoutDesign::WIDE_FROM, $step), ...self::between(LayoutDesign::WIDE_FROM, Arrangement::WIDEST, $step)];
        $bands = [];
        foreach ($starts as $i => $from) {
            $bands[] = new WidthBand($i === 0 ? 0 : $from, $starts[$i + 1] ?? null);
        }

        return $bands === [] ? [new WidthBand(0, null)] : $bands;
    }

    /**
     * Which height is aimed at where another is wished.
     *
     * @param  float  $wished  px
     * @param  float  $width  px of inner width
     * @return float px
     */
    public static function aimedAt(float $wished, float $width): float
    {
        return $width < LayoutDesign::WIDE_FROM ? $wished : $wished * max(1 - self::STRAY, min(1 + self::STRAY, ($width / self::WIDE) ** self::POWER));
    }

    /**
     * @return list<int>
     */
    private static function between(int $from, int $until, float $step): array
    {
        $steps = (int) ceil(log($until / $from) / log($step));

        return array_map(static fn (int $step): int => (int) round($from * ($until / $from) ** ($step / $steps)), range(0, $steps - 1));
    }
}
