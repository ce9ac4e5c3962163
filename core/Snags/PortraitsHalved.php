<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Subject;

/** Portraits of which about half is cut off in every tile, because all tiles lie down. */
final readonly class PortraitsHalved implements CropRule, MarksPlaces
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
        $portraits = self::portraits($subjects);
        $halved = self::halved($candidate, $portraits);

        return count($halved) >= self::MANY && 2 * count($halved) > count($portraits) ? count($halved).' portraits lose about half of their height.' : null;
    }

    public function places(Candidate $candidate, array $subjects): array
    {
        return array_keys(self::halved($candidate, self::portraits($subjects)));
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        yield from LostFocalArea::lessCropped($candidate);
        yield Mend::masonry();
        yield Mend::tiledRows();
    }

    /**
     * @param  list<Subject>  $subjects
     * @return array<int, Subject>
     */
    private static function portraits(array $subjects): array
    {
        return array_filter($subjects, static fn (Subject $subject): bool => $subject->size !== null && $subject->ratio->value < self::PORTRAIT);
    }

    /**
     * @param  array<int, Subject>  $portraits
     * @return array<int, Subject>
     */
    private static function halved(Candidate $candidate, array $portraits): array
    {
        $shape = $candidate->layout->sharedShape()?->ratio;

        return $shape === null || $candidate->layout->objectFitInForce() !== ObjectFit::Cover ? []
            : array_filter($portraits, static fn (Subject $subject): bool => 1 - $subject->ratio->value / $shape->value > self::LOST);
    }
}
