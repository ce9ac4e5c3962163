<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

use LogicException;
use ReflectionParameter;

/** A class that declares its settings in a way that nobody can read: a fault of the program. */
final class DeclarationException extends LogicException
{
    public static function neither(ReflectionParameter $parameter): self
    {
        return new self("\${$parameter->name} of {$parameter->getDeclaringClass()?->name} is neither a Setting nor a Part that is a class.");
    }
}
