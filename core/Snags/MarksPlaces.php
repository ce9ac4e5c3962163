<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Subject;

/** A rule about a layout that can tell which pictures it means. */
interface MarksPlaces extends LayoutRule
{
    /**
     * @param  list<Subject>  $subjects
     * @return list<int> indexes of the subjects
     */
    public function places(Candidate $candidate, array $subjects): array;
}
