<?php

declare(strict_types=1);

namespace Bench;

use Random\Engine\Mt19937;
use Random\Randomizer;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Measuring\Subject;

/** Shapes of pictures as cameras and phones make them; repeatable. */
final class Shapes
{
    private const KNOWN = [1.5, 1.5, 0.667, 1.333, 0.75, 1.778, 1.0, 0.5625];

    /**
     * @return list<Ratio>
     */
    public static function of(int $count, int $seed = 3): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $shapes = [];
        for ($i = 0; $i < $count; $i++) {
            $shapes[] = Ratio::of(self::KNOWN[$dice->getInt(0, count(self::KNOWN) - 1)], 1);
        }

        return $shapes;
    }

    /**
     * @return list<Subject>
     */
    public static function subjects(int $count): array
    {
        return array_map(
            static fn (Ratio $shape): Subject => new Subject($shape, Size::of((int) (3000 * $shape->value), 3000), FocalPoint::of(0.4, 0.45), [540 => 30_000, 1215 => 110_000]),
            self::of($count),
        );
    }
}
