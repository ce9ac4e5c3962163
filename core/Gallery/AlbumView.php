<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

/** How visitors see the albums of a gallery. */
enum AlbumView: string
{
    /** Not at all: one run of pictures in the gallery's own order. */
    case None = 'none';

    /** One below the other, each under its name. */
    case Headings = 'headings';

    /** One at a time, chosen by its name. */
    case Tabs = 'tabs';
}
