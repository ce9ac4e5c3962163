<?php

declare(strict_types=1);

namespace App\Models;

/** Where an act of the journal stands. */
enum EntryState: string
{
    case Done = 'done';

    /** Taken back, and can be done again. */
    case Undone = 'undone';

    /** Taken back, and something else was done since. */
    case Superseded = 'superseded';
}
