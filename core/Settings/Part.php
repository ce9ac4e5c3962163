<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

use Attribute;

/** A property that is itself a group of settings: its type is the class that declares them. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final readonly class Part
{
}
