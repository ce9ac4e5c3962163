<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;

/** Columns of a masonry that end far apart on a wide page, or of which some are empty. */
final readonly class UnevenColumns implements LayoutRule
{
    /** Share of the height of the tallest column by which others may end above it. */
    private const APART = 0.2;

    public function code(): string
    {
        return 'uneven-columns';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        if ($candidate->layout->kind !== LayoutKind::Masonry || $subjects === []) {
            return null;
        }
        foreach ($candidate->onWide as $part) {
            $empty = $part->band->columns - count($part->band->columnEnds($candidate->inner));
            if ($empty > 0) {
                return $empty === 1 ? 'One column is empty.' : "{$empty} columns are empty.";
            }
        }
        $apart = $candidate->wide->uneven;

        return $apart > self::APART ? 'The columns end '.(int) round(100 * $apart).' per cent of their height apart.' : null;
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        $columns = $candidate->onWide[0]->band->columns;
        foreach ([$columns - 1, $columns + 1, $columns - 2, $columns + 2, 2, 3] as $other) {
            if ($other >= 2 && $other <= 8 && $other !== $columns) {
                yield Mend::columns($other);
            }
        }
        yield Mend::tiledRows();
        yield Mend::oneARow();
    }
}
