<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** By chance, but by the same chance for the same seed. */
final readonly class Shuffled implements Order
{
    public function __construct(private int $seed)
    {
    }

    public function arrange(array $items): array
    {
        return (new Randomizer(new Mt19937($this->seed)))->shuffleArray(array_keys($items));
    }

    public function summary(): string
    {
        return "shuffled the pictures (seed {$this->seed})";
    }
}
