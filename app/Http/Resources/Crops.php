<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Publishing\GalleryRenderer;
use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Markup\ShownPicture;
use ZincPane\Core\Measuring\Candidate;

/** Of each picture of a gallery, what of it is seen in its tile. */
final class Crops
{
    /** px of width that a picture here needs. */
    private const SMALL = 360;

    /**
     * @return list<array<string, mixed>> shares of the picture, 0 to 1
     */
    public static function of(GalleryRenderer $drawn, Candidate $now): array
    {
        $crops = [];
        $inner = $now->inner;
        $band = $now->arrangement->at($inner);
        $isCropped = $now->layout->fillingInForce() === Filling::Crop;
        foreach ($drawn->items as $i => $item) {
            if (! $item instanceof ShownPicture) {
                continue;
            }
            $place = $band->boxes->get($i)->at($inner);
            $shape = Ratio::of(max(1.0, $place['width']), max(1.0, $place['height'] - $now->layout->belowPicture()));
            $window = CropWindow::cover($item->ratio(), $isCropped ? $shape : $item->ratio(), $item->focal);
            $small = $item->renditions[0];
            foreach ($item->renditions as $rendition) {
                $small = $small->width < self::SMALL ? $rendition : $small;
            }
            $crops[] = [
                'src' => $item->addressOf($small), 'title' => $item->words->title, 'width' => $item->size->width, 'height' => $item->size->height,
                'seen' => array_map(static fn (float $share): float => round($share, 4), [$window->left, $window->top, $window->width, $window->height]),
                'focal' => [round($item->focal->x, 4), round($item->focal->y, 4)], 'lost' => round($window->lost(), 4),
            ];
        }

        return $crops;
    }
}
