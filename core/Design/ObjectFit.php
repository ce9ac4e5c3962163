<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Labelled;

/** How a picture fills a tile of another shape, by the names CSS has (https://drafts.csswg.org/css-images/#the-object-fit). */
enum ObjectFit: string implements Labelled
{
    /** Covers the tile; what stands out is cropped, the focal point stays in view. */
    case Cover = 'cover';

    /** Stands whole inside the tile; the rest of the tile stays empty. */
    case Contain = 'contain';

    public function label(): string
    {
        return match ($this) {
            self::Cover => 'Is cropped',
            self::Contain => 'Fits inside',
        };
    }
}
