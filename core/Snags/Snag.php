<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** Something about a gallery that visitors would trip over, and what would mend it. */
final readonly class Snag
{
    /**
     * @param  string  $code  of the rule that found it; stays
     * @param  string  $says  what it is, in a sentence
     * @param  list<Mend>  $mends  the best first
     * @param  bool  $isInCrops  whether it is seen where the crops are shown
     */
    public function __construct(public string $code, public string $says, public array $mends, public bool $isInCrops)
    {
    }
}
