<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;

/** A last row of a wide page that is not full, below others that are. */
final readonly class RaggedLastRow implements LayoutRule
{
    public function code(): string
    {
        return 'ragged-last-row';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        $wide = $candidate->wide;
        if (! in_array($candidate->layout->kind, [LayoutKind::Grid, LayoutKind::Rows], true) || $wide->rows < 2 || $wide->complete === $wide->rows) {
            return null;
        }
        if ($candidate->layout->kind === LayoutKind::Rows) {
            return 'The last row is not full.';
        }
        $count = count($subjects);
        $columns = self::columnsOf($candidate);
        $missing = $columns - $count % $columns;

        return match (true) {
            $missing === 1 => 'One more picture would complete the last row.',
            $count % $columns === 1 => "One picture stands alone in the last row; {$missing} more would complete it.",
            default => "{$missing} more pictures would complete the last row.",
        };
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        if ($candidate->layout->kind === LayoutKind::Grid) {
            $columns = self::columnsOf($candidate);
            foreach ([$columns + 1, $columns - 1, $columns + 2, $columns - 2] as $other) {
                if ($other >= 2 && $other <= 8 && $count % $other === 0) {
                    yield Mend::columns($other);
                    break;
                }
            }
        }
        yield new Mend('Balance the rows', ['last_row' => LastRow::Balance->value]);
        yield new Mend('Fill the last row', ['last_row' => LastRow::Fill->value]);
    }

    /**
     * @return positive-int on a wide page
     */
    private static function columnsOf(Candidate $candidate): int
    {
        return $candidate->arrangement->at($candidate->inner)->columns;
    }
}
