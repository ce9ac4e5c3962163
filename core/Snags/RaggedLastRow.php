<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\DrawnPart;
use ZincPane\Core\Measuring\Measurer;

/** A last row of a wide page that is not full, below others that are. */
final readonly class RaggedLastRow implements MarksPlaces
{
    public function code(): string
    {
        return 'ragged-last-row';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        if (! in_array($candidate->layout->kind, [LayoutKind::Grid, LayoutKind::Rows], true)) {
            return null;
        }
        $ragged = array_values(array_filter($candidate->onWide, static fn (DrawnPart $part): bool => self::isRagged($part, $candidate->inner)));
        if (count($ragged) !== 1) {
            return $ragged === [] ? null : 'The last rows of '.count($ragged).' parts are not full.';
        }
        if ($candidate->layout->kind === LayoutKind::Rows) {
            return 'The last row is not full.';
        }
        $short = $ragged[0]->band->inLastRow();
        $missing = $ragged[0]->band->columns - $short;

        return match (true) {
            // Held in the middle, it is full in number and leaves room at either side.
            $missing <= 0 || ! $candidate->layout->lastRow->leavesRoom() => 'The last row is not full.',
            $missing === 1 => 'One more picture would complete the last row.',
            $short === 1 => "One picture stands alone in the last row; {$missing} more would complete it.",
            default => "{$missing} more pictures would complete the last row.",
        };
    }

    public function places(Candidate $candidate, array $subjects): array
    {
        return array_merge([], ...array_map(static fn (DrawnPart $part): array => $part->lastRow(), array_filter($candidate->onWide, static fn (DrawnPart $part): bool => self::isRagged($part, $candidate->inner))));
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        if ($candidate->layout->kind === LayoutKind::Grid) {
            $columns = $candidate->onWide[0]->band->columns;
            foreach ([$columns + 1, $columns - 1, $columns + 2, $columns - 2, $columns + 3, $columns - 3] as $other) {
                $fits = static fn (DrawnPart $part): bool => count($part->places) % $other === 0;
                if ($other >= 2 && $other <= 8 && count(array_filter($candidate->onWide, $fits)) === count($candidate->onWide)) {
                    yield Mend::columns($other);
                    break;
                }
            }
        }
        yield Mend::balanced();
        yield Mend::filledRow();
        yield Mend::tiledRows();
    }

    /** Whether a last row leaves room at its end or at its sides that rows above it do not. */
    private static function isRagged(DrawnPart $part, float $inner): bool
    {
        $boxes = $part->band->boxes;
        $last = count($boxes) - 1;
        $first = $part->band->rowStarts[$part->band->rows() - 1] ?? 0;

        return $part->band->rows() > 1 && $boxes->lefts[$last]->at($inner) + $boxes->widths[$last]->at($inner) - $boxes->lefts[$first]->at($inner) < (1 - Measurer::COMPLETE) * $inner;
    }
}
