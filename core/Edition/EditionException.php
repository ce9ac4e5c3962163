<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

use LogicException;

/** Something that nobody knows how to freeze: a fault of the program. */
final class EditionException extends LogicException
{
    public static function cannotBeFrozen(Shown $item): self
    {
        return new self('There is no way to freeze '.$item::class.'.');
    }
}
