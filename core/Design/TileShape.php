<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Geometry\Ratio;

/** The shape all tiles of a gallery share, or each picture's own. */
enum TileShape: string
{
    case Square = '1:1';
    case FourThree = '4:3';
    case ThreeTwo = '3:2';
    case SixteenNine = '16:9';
    case TwoThree = '2:3';

    /** Every tile has the shape of its picture; nothing is cropped. */
    case Own = 'own';

    /** Null for each picture's own. */
    public function ratio(): ?Ratio
    {
        return match ($this) {
            self::Square => Ratio::of(1, 1),
            self::FourThree => Ratio::of(4, 3),
            self::ThreeTwo => Ratio::of(3, 2),
            self::SixteenNine => Ratio::of(16, 9),
            self::TwoThree => Ratio::of(2, 3),
            self::Own => null,
        };
    }
}
