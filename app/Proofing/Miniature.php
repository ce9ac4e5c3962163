<?php

declare(strict_types=1);

namespace App\Proofing;

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\BandArrangement;

/** The tiles of a layout in small: true places, true crops. */
final class Miniature
{
    /** px of width that a picture in it needs at least. */
    private const SMALL = 240;

    /**
     * @param  list<Shown>  $items
     * @param  int  $width  px of the whole that are seen
     * @param  int  $height  px of the whole that are seen
     * @param  float  $top  px from the top of the whole at which they begin
     * @param  ?int  $inner  px of width that it is laid out at; null for what is seen
     * @return list<array<string, mixed>> places in px
     */
    public static function tiles(BandArrangement $band, array $items, ObjectFit $fit, int $width, int $height, float $top = 0.0, ?int $inner = null): array
    {
        $tiles = [];
        foreach ($items as $i => $item) {
            $place = $band->picture($i)->at($inner ?? $width);
            $place['top'] += $top;
            if ($place['top'] < $height && $place['left'] < $width) {
                $tiles[] = [...array_map(static fn (float $edge): float => round($edge, 1), $place), ...self::inside($item, $place, $fit)];
            }
        }

        return $tiles;
    }

    /**
     * @param  array{left: float, top: float, width: float, height: float}  $place
     * @return array<string, mixed>
     */
    private static function inside(Shown $item, array $place, ObjectFit $fit): array
    {
        $small = $item instanceof ShownPicture ? $item->smallest(self::SMALL) : null;
        if (! $item instanceof ShownPicture || $small === null) {
            return ['src' => null, 'at' => [50, 50], 'fit' => ObjectFit::Cover->value];
        }

        return [
            'src' => $item->addressOf($small),
            'at' => array_map(static fn (float $share): float => round($share, 1), CropWindow::cover($item->ratio(), Ratio::of(max(1.0, $place['width']), max(1.0, $place['height'])), $item->focal)->objectPosition()),
            'fit' => $fit->value,
        ];
    }
}
