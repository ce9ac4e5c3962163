<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Subject;

/** Portraits of which about half is cut off in every tile, because all tiles lie down. */
final readonly class PortraitsHalved implements CropRule
{
    /** Share of a portrait's height that is cut off; width over height up to which a picture is one; and how many there are. */
    private const LOST = 0.45;

    private const PORTRAIT = 0.85;

    private const MANY = 3;

    public function code(): string
    {
        return 'portraits-halved';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        $shape = $candidate->layout->sharedShape()?->ratio;
        if ($shape === null || $candidate->layout->objectFitInForce()->value !== 'cover') {
            return null;
        }
        $portraits = array_filter($subjects, static fn (Subject $subject): bool => $subject->size !== null && $subject->ratio->value < self::PORTRAIT);
        $halved = array_filter($portraits, static fn (Subject $subject): bool => 1 - $subject->ratio->value / $shape->value > self::LOST);

        return count($halved) >= self::MANY && 2 * count($halved) > count($portraits) ? count($halved).' portraits lose about half of their height.' : null;
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        yield from LostFocalArea::lessCropped($candidate);
        yield Mend::masonry();
        yield Mend::tiledRows();
    }
}
