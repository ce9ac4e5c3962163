<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** A rule whose mends were measured where they come from, and change nothing that another rule looks at. */
interface MeasuredItself extends Rule
{
}
