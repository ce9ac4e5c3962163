<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

/** A choice that can be named on a control and in the history. */
interface Labelled
{
    /** In a word or two: "Balance". */
    public function label(): string;
}
