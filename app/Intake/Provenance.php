<?php

declare(strict_types=1);

namespace App\Intake;

/** Where a file comes from, and what is known of it from there. */
final readonly class Provenance
{
    /**
     * @param  string  $source  upload, zip, or the name of a source
     * @param  array<string, string|bool>  $words  that go before those in the file
     * @param  ?array{float, float}  $focal  shares of the upright picture
     * @param  list<string>  $keywords  that go before those in the file
     */
    public function __construct(
        public string $source = 'upload',
        public array $words = [],
        public ?array $focal = null,
        public string $licence = '',
        public array $keywords = [],
    ) {
    }
}
