<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

/** A change that may be one act with the one before it, as the steps of a slider are. */
interface Joining extends Change
{
    /** Whether it is the same act however long after the one before it: files that arrive one by one. */
    public function joinsLate(): bool;

    /** What both come to, made on the gallery as it was before the earlier one; null where they are two acts. */
    public function joinedTo(Change $earlier): ?Change;
}
