<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use ZincPane\Core\Settings\Labelled;

/** What filling many does to each text. */
enum FillAct: string implements Labelled
{
    /** Puts the pattern in its place. */
    case Set = 'set';

    /** Puts the pattern before it, with a blank between. */
    case Before = 'before';

    /** Puts the pattern after it, with a blank between. */
    case After = 'after';

    /** Replaces every occurrence of some text by the pattern. */
    case Replace = 'replace';

    /** Takes the text away. */
    case Clear = 'clear';

    public function label(): string
    {
        return match ($this) {
            self::Set => 'Set',
            self::Before => 'Add before',
            self::After => 'Add after',
            self::Replace => 'Replace',
            self::Clear => 'Clear',
        };
    }
}
