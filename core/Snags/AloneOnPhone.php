<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\DrawnPart;

/** One picture alone in the last row of a grid on a phone, beside an empty place. */
final readonly class AloneOnPhone implements LayoutRule
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
        $alone = static fn (DrawnPart $part): bool => $part->band->columns > 1 && $part->band->rows() > 1 && $part->band->inLastRow() === 1;

        return array_filter($candidate->onPhone, $alone) === [] ? null : 'On a phone one picture stands alone in the last row.';
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        $columns = $candidate->onPhone[0]->band->columns;
        foreach ([2, 3, 1] as $other) {
            if ($other !== $columns) {
                yield new Mend($other === 1 ? 'One column on a phone' : "{$other} columns on a phone", ['phone' => ['columns' => $other]]);
            }
        }
        yield Mend::filledRow();
        yield Mend::balanced();
    }
}
