<?php

declare(strict_types=1);

namespace App\Models;

/** Where a visitor's comment stands. */
enum CommentState: string
{
    case Waiting = 'waiting';

    case Shown = 'shown';

    case Refused = 'refused';
}
