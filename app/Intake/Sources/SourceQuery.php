<?php

declare(strict_types=1);

namespace App\Intake\Sources;

use ZincPane\Core\Colour\Oklab;

/** What is looked for in a source; nothing is everything. */
final readonly class SourceQuery
{
    public function __construct(public string $words = '', public string $category = '', public ?Oklab $colour = null, public bool $onlyNew = false)
    {
    }
}
