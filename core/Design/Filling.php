<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

/** How a picture fills a tile of another shape. */
enum Filling: string
{
    /** Covers the tile; what stands out is cropped, the focal point stays in view. */
    case Crop = 'crop';

    /** Stands whole inside the tile; the rest of the tile stays empty. */
    case Fit = 'fit';
}
