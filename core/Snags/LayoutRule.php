<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Subject;

/** One thing to look for in a layout. */
interface LayoutRule
{
    /** Of the snag; letters and hyphens. */
    public function code(): string;

    /**
     * What is amiss; null where nothing is.
     *
     * @param  list<Subject>  $subjects
     */
    public function says(Candidate $candidate, array $subjects): ?string;

    /**
     * What might mend it, the best first; whether it does is tried.
     *
     * @return iterable<Mend>
     */
    public function mends(Candidate $candidate, int $count): iterable;
}
