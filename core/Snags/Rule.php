<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** One thing to look for in a gallery, its layout apart. */
interface Rule
{
    /** Of the snag; letters and hyphens. */
    public function code(): string;

    public function stage(): Stage;

    /**
     * @return list<Sighting> in the order of the gallery
     */
    public function found(Inspected $gallery): array;

    /**
     * What is amiss, in a sentence.
     *
     * @param  non-empty-list<Sighting>  $seen  of those that were found
     */
    public function says(Inspected $gallery, array $seen): string;

    /**
     * What might mend all of them, the best first; whether it does is tried.
     *
     * @param  non-empty-list<Sighting>  $seen  of those that were found
     * @return iterable<Mend>
     */
    public function mends(Inspected $gallery, array $seen): iterable;
}
