<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

/** What an item of a gallery is marked as, or not. */
enum ItemFlag: string
{
    /** Not seen by visitors, and not taken out. */
    case Hidden = 'hidden';

    /** Made large by a layout that can. */
    case Large = 'large';
}
