<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

/** A change that may be one act with the one before it, as the steps of a slider are. */
interface Joining extends Change
{
    /** What both come to, made on the gallery as it was before the earlier one; null where they are two acts. */
    public function joinedTo(Change $earlier): ?Change;
}
