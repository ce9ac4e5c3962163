<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

use ZincPane\Core\Settings\Labelled;

/** How visitors see the albums of a gallery. */
enum AlbumView: string implements Labelled
{
    /** Not at all: one run of pictures in the gallery's own order. */
    case None = 'none';

    /** One below the other, each under its name. */
    case Headings = 'headings';

    /** One at a time, chosen by its name. */
    case Tabs = 'tabs';

    public function label(): string
    {
        return match ($this) {
            self::None => 'Not at all',
            self::Headings => 'As headings',
            self::Tabs => 'As tabs',
        };
    }
}
