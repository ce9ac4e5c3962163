<?php

declare(strict_types=1);

namespace App\Intake;

/** Which of the files that were dropped together a file is: sent side by side, they arrive in any order. */
final readonly class Arrival
{
    /**
     * @param  string  $batch  the same for all files that were dropped together
     * @param  int  $place  among them, from 0
     */
    private function __construct(public string $batch, public int $place)
    {
    }

    /** Null where there is no batch, or none that can be. */
    public static function parse(string $batch, string $place): ?self
    {
        return preg_match('/^[0-9a-zA-Z-]{1,40}$/', $batch) === 1 && ctype_digit($place) && strlen($place) < 7 ? new self($batch, (int) $place) : null;
    }

    /** As it is written down beside an item; sorts like the places. */
    public function mark(): string
    {
        return $this->batch.sprintf(':%06d', $this->place);
    }
}
