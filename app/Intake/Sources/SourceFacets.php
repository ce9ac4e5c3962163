<?php

declare(strict_types=1);

namespace App\Intake\Sources;

/** What a source can be searched by. */
final readonly class SourceFacets
{
    /**
     * @param  bool  $byKeyword  free words
     * @param  bool  $byColour  nearest colour
     * @param  bool  $byNew  only what is new since last time
     * @param  list<string>  $categories
     */
    public function __construct(public bool $byKeyword = false, public bool $byColour = false, public bool $byNew = false, public array $categories = [])
    {
    }
}
