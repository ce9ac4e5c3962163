<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use LogicException;
use ZincPane\Core\Geometry\WidthBand;

/** Where every tile stands at every inner width: one set of boxes a band, without holes. */
final readonly class Arrangement
{
    /** The inner widths in px that a gallery is made for. */
    public const NARROWEST = 240;

    public const WIDEST = 2560;

    /**
     * @param  non-empty-list<BandArrangement>  $bands  from narrow to wide, the first from 0, the last without end
     */
    public function __construct(public array $bands)
    {
    }

    /**
     * One arrangement up to a width, another from there on.
     *
     * @param  positive-int  $from  px, where the other begins
     */
    public static function joined(self $narrow, self $wide, int $from): self
    {
        $cut = static fn (BandArrangement $band): BandArrangement => $band->within(new WidthBand($band->band->from, min($band->band->until ?? $from, $from)));
        // The first begins at 0.
        $bands = [$cut($narrow->bands[0])];
        foreach (array_slice($narrow->bands, 1) as $band) {
            if ($band->band->from < $from) {
                $bands[] = $cut($band);
            }
        }
        foreach ($wide->bands as $band) {
            if ($band->band->until === null || $band->band->until > $from) {
                $bands[] = $band->within(new WidthBand(max($band->band->from, $from), $band->band->until));
            }
        }

        return new self($bands);
    }

    /**
     * The ends of what of a band is in use.
     *
     * @return array{int, int} px
     */
    public static function ends(WidthBand $band): array
    {
        $from = max(self::NARROWEST, $band->from);

        return [$from, max($from, min($band->until ?? self::WIDEST, self::WIDEST))];
    }

    /**
     * A width within a band at which to look at it.
     *
     * @return float px, geometric middle of what of it is in use
     */
    public static function middle(WidthBand $band): float
    {
        [$from, $until] = self::ends($band);

        return sqrt($from * $until);
    }

    public function at(float $width): BandArrangement
    {
        foreach ($this->bands as $band) {
            if ($band->band->contains($width)) {
                return $band;
            }
        }
        throw new LogicException("No band holds {$width} px.");
    }
}
