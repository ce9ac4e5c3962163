<?php

declare(strict_types=1);

namespace ZincPane\Core\Design\Upgrades;

/** One step from a schema of designs to the next. It knows arrays only, so that it stays true when the classes change. */
interface Upgrade
{
    /**
     * A whole design, or the part of one that a change names.
     *
     * @param  array<array-key, mixed>  $design
     * @return array<array-key, mixed>
     */
    public function design(array $design): array;
}
