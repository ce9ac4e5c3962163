<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Style;

use InvalidArgumentException;
use ZincPane\Core\Foreign;

/** A value that no style sheet may hold. */
final class StyleException extends InvalidArgumentException
{
    public static function noColour(string $given): self
    {
        return new self('A colour is written as # and six hexadecimal digits, got '.Foreign::shown($given).'.');
    }
}
