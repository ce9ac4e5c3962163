<?php

declare(strict_types=1);

namespace App\Models;

/** How far a picture's renditions are. */
enum PictureState: string
{
    case Preparing = 'preparing';
    case Ready = 'ready';

    /** Its renditions could not be made; `failure` says why. */
    case Failed = 'failed';
}
