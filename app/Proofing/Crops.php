<?php

declare(strict_types=1);

namespace App\Proofing;

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\DrawnPart;
use ZincPane\Core\Snags\MuchCropped;

/** Of each picture of a gallery, what of it is seen in its tile. */
final class Crops
{
    /** px of width that a picture here needs. */
    private const SMALL = 360;

    /**
     * @return list<array<string, mixed>> shares of the picture, 0 to 1
     */
    public static function of(FrozenGallery $drawn, Candidate $now): array
    {
        $crops = [];
        $boxes = array_replace(...array_map(static fn (DrawnPart $part): array => $part->pictures(), $now->onWide));
        $isCropped = $now->layout->objectFitInForce() === ObjectFit::Cover;
        foreach ($drawn->items as $i => $item) {
            $small = $item instanceof ShownPicture ? $item->smallest(self::SMALL) : null;
            if (! $item instanceof ShownPicture || $small === null) {
                continue;
            }
            $place = $boxes[$i]->at($now->inner);
            $window = CropWindow::cover($item->ratio(), $isCropped ? Ratio::of(max(1.0, $place['width']), max(1.0, $place['height'])) : $item->ratio(), $item->focal);
            $crops[] = [
                'src' => $item->addressOf($small), 'title' => $item->words->title, 'width' => $item->size->width, 'height' => $item->size->height,
                'seen' => array_map(static fn (float $share): float => round($share, 4), [$window->left, $window->top, $window->width, $window->height]),
                'focal' => [round($item->focal->x, 4), round($item->focal->y, 4)], 'lost' => round($window->lost(), 4), 'much_cropped' => $window->lost() > MuchCropped::MOST,
            ];
        }

        return $crops;
    }
}
