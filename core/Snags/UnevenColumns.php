<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\DrawnPart;

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
        $worst = 0.0;
        foreach ($candidate->onWide as $part) {
            $ends = self::ends($part, $candidate->inner);
            if (count($ends) < $part->band->columns) {
                $empty = $part->band->columns - count($ends);

                return $empty === 1 ? 'One column is empty.' : "{$empty} columns are empty.";
            }
            $worst = max($worst, (max(0.0, ...$ends) - min(INF, ...$ends)) / max(1.0, ...$ends));
        }

        return $worst > self::APART ? 'The columns end '.(int) round(100 * $worst).' per cent of their height apart.' : null;
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        $columns = $candidate->onWide[0]->band->columns;
        foreach ([$columns - 1, $columns + 1, $columns - 2, $columns + 2, 2, 3] as $other) {
            if ($other >= 2 && $other <= 8 && $other !== $columns) {
                yield Mend::columns($other);
            }
        }
        yield new Mend('Use tiled rows, balanced', ['kind' => LayoutKind::Rows->value, 'last_row' => 'balance']);
        yield new Mend('One picture a row', ['kind' => LayoutKind::Single->value]);
    }

    /**
     * @return array<int, float> px, by left edge
     */
    private static function ends(DrawnPart $part, float $inner): array
    {
        $ends = [];
        foreach ($part->band->boxes as $box) {
            $place = $box->at($inner);
            $left = (int) round($place['left']);
            $ends[$left] = max($ends[$left] ?? 0.0, $place['top'] + $place['height']);
        }

        return $ends;
    }
}
