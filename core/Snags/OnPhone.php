<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** A rule about what is seen on a phone alone. */
interface OnPhone extends LayoutRule
{
}
