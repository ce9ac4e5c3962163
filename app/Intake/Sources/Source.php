<?php

declare(strict_types=1);

namespace App\Intake\Sources;

/** A place that pictures come from, other than an upload. */
interface Source
{
    /** Part of its address, and written down with every picture that came from it. */
    public function name(): string;

    /** What people call it. */
    public function label(): string;

    /** What it can be searched by. */
    public function facets(): SourceFacets;

    /**
     * @return list<SourceFile> that fit, in the order they are to be shown
     */
    public function find(SourceQuery $query): array;

    /**
     * @throws SourceException when it has no such file
     */
    public function get(string $id): SourceFile;

    /** Notes what is there now, so that next time what is new can be told. */
    public function remember(): void;
}
