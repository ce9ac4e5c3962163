<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

/** How well the captions of a gallery can be read, and what would make all of them readable. */
final readonly class Verdict
{
    /**
     * @param  float  $needed  ratio that each caption needs
     * @param  list<CaptionSight>  $sights  of all captions that lie over a picture, the hardest to read first
     * @param  list<CaptionMend>  $mends  each of which brings all to it
     */
    public function __construct(public float $needed, public array $sights, public array $mends)
    {
    }

    public static function nothingToRead(): self
    {
        return new self(0.0, [], []);
    }

    /**
     * @return list<CaptionSight>
     */
    public function hard(): array
    {
        return array_values(array_filter($this->sights, fn (CaptionSight $sight): bool => $sight->ratio < $this->needed));
    }
}
