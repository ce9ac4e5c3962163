<?php

declare(strict_types=1);

namespace App\Http\Resources;

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Markup\Shown;
use ZincPane\Core\Markup\ShownPicture;

/** The tiles of a layout in small: true places, true crops. */
final class Miniature
{
    /** px of width that a picture in it needs at least. */
    private const SMALL = 240;

    /**
     * @param  list<Shown>  $items
     * @param  float  $top  px from the top of the whole at which they begin
     * @return list<array<string, mixed>> places in px
     */
    public static function tiles(BandArrangement $band, array $items, LayoutDesign $layout, int $width, int $height, float $top = 0.0): array
    {
        $tiles = [];
        foreach ($band->boxes as $i => $box) {
            $place = $box->at($width);
            $place['top'] += $top;
            $place['height'] -= $layout->belowPicture();
            if ($place['top'] < $height && $place['left'] < $width) {
                $tiles[] = [...array_map(static fn (float $edge): float => round($edge, 1), $place), ...self::inside($items[$i], $place, $layout->fillingInForce())];
            }
        }

        return $tiles;
    }

    /**
     * @param  array{left: float, top: float, width: float, height: float}  $place
     * @return array<string, mixed>
     */
    private static function inside(Shown $item, array $place, Filling $filling): array
    {
        if (! $item instanceof ShownPicture) {
            return ['src' => null, 'at' => [50, 50], 'fit' => 'cover'];
        }
        $small = $item->renditions[0];
        foreach ($item->renditions as $rendition) {
            $small = $small->width < self::SMALL ? $rendition : $small;
        }

        return [
            'src' => $item->addressOf($small),
            'at' => array_map(static fn (float $share): float => round($share, 1), CropWindow::cover($item->ratio(), Ratio::of(max(1.0, $place['width']), max(1.0, $place['height'])), $item->focal)->objectPosition()),
            'fit' => $filling === Filling::Crop ? 'cover' : 'contain',
        ];
    }
}
