<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Markup\Style\Css;

/** Where a cropped picture is held (https://drafts.csswg.org/css-images/#the-object-position). */
final class ObjectPosition
{
    /** Null where the middle is right, which is what tiles without a word of it show. */
    public static function of(Shown $item, Ratio $tile, ObjectFit $fit): ?Css
    {
        if (! $item instanceof ShownPicture || $fit === ObjectFit::Contain) {
            return null;
        }
        [$x, $y] = CropWindow::cover($item->ratio(), $tile, $item->focal)->objectPosition();
        $isMiddle = round($x, 1) === 50.0 && round($y, 1) === 50.0;

        return $isMiddle ? null : Css::of('{x}% {y}%', ['x' => Css::number($x, 1), 'y' => Css::number($y, 1)]);
    }
}
