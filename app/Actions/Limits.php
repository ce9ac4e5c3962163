<?php

declare(strict_types=1);

namespace App\Actions;

use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Gallery\Words;

/** Limits of the core that requests look at before the core does. */
final class Limits
{
    /** Characters of the title of a picture or text. */
    public static function title(): int
    {
        return WordField::Title->longest();
    }

    /** Characters of the keywords of a picture. */
    public static function keywords(): int
    {
        return Words::LONGEST_KEYWORDS;
    }
}
