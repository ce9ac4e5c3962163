<?php

declare(strict_types=1);

namespace App\Models;

/** What a picture of the store is. */
enum PictureKind: string
{
    case Picture = 'picture';

    /** A video file; a picture of the store stands for it until it is played. */
    case Video = 'video';
}
