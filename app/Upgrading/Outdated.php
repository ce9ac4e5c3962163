<?php

declare(strict_types=1);

namespace App\Upgrading;

/** Stored things of one sort that an earlier version wrote otherwise. */
interface Outdated
{
    /** What they are, in words that follow a number: "designs of galleries". */
    public function label(): string;

    /**
     * Those that are left; what was brought up is not among them any more, so that one may stop at any time.
     *
     * @return list<string|int>
     */
    public function left(): array;

    /** Brings one up, whole or not at all. */
    public function bringUp(string|int $id): void;
}
