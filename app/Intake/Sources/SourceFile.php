<?php

declare(strict_types=1);

namespace App\Intake\Sources;

use App\Intake\Provenance;

/** One picture of a source. */
final readonly class SourceFile
{
    /**
     * @param  string  $id  its own in the source
     * @param  string  $path  where it lies
     * @param  bool  $isNew  was not there last time
     * @param  bool  $isTaken  is in the store already
     * @param  list<string>  $keywords
     */
    public function __construct(
        public string $id,
        public string $path,
        public string $title,
        public Provenance $provenance,
        public bool $isNew = false,
        public bool $isTaken = false,
        public array $keywords = [],
        public string $category = '',
        public string $colour = '',
    ) {
    }
}
