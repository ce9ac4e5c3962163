<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use LogicException;
use ZincPane\Core\Edition\Shown;

/** Something that nobody knows how to write. */
final class MarkupException extends LogicException
{
    public static function unknownItem(Shown $item): self
    {
        return new self('There is no way to write a tile for '.$item::class.'.');
    }
}
