<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** A rule about what is cut off: who looks at the crops sees what it means. */
interface CropRule extends LayoutRule
{
}
