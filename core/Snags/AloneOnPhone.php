<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\DrawnPart;

/** One picture alone in the last row of a grid on a phone, beside an empty place. */
final readonly class AloneOnPhone implements MarksPlaces, OnPhone
{
    public function code(): string
    {
        return 'alone-on-phone';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        if ($candidate->layout->kind !== LayoutKind::Grid || ! $candidate->layout->lastRow->leavesRoom()) {
            return null;
        }

        return array_filter($candidate->onPhone, self::isAlone(...)) === [] ? null : 'On a phone one picture stands alone in the last row.';
    }

    public function places(Candidate $candidate, array $subjects): array
    {
        return array_merge([], ...array_map(static fn (DrawnPart $part): array => $part->lastRow(), array_filter($candidate->onPhone, self::isAlone(...))));
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        $columns = $candidate->onPhone[0]->band->columns;
        foreach ([2, 3, 1] as $other) {
            if ($other !== $columns) {
                yield Mend::layout($other === 1 ? 'One column on a phone' : "{$other} columns on a phone", ['phone' => ['columns' => $other]]);
            }
        }
        yield Mend::filledRow();
        yield Mend::balanced();
    }

    private static function isAlone(DrawnPart $part): bool
    {
        return $part->band->columns > 1 && $part->band->rows() > 1 && $part->band->inLastRow() === 1;
    }
}
