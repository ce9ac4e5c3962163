<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\DrawnPart;

/** A last row of a wide page that is far higher than the others, because it was made to fill the width. */
final readonly class GiantLastTile implements MarksPlaces
{
    /** Times the others' mean height that a last row may have. */
    private const TIMES = 1.6;

    public function code(): string
    {
        return 'giant-last-tile';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        if (! in_array($candidate->layout->kind, [LayoutKind::Grid, LayoutKind::Rows, LayoutKind::Mosaic], true)) {
            return null;
        }
        $worst = max([0.0, ...array_map(static fn (DrawnPart $part): float => self::times($part, $candidate->inner), $candidate->onWide)]);

        return $worst > self::TIMES ? 'The last row is '.number_format($worst, 1).' times as high as the others.' : null;
    }

    public function places(Candidate $candidate, array $subjects): array
    {
        return array_merge([], ...array_map(static fn (DrawnPart $part): array => $part->lastRow(), array_filter($candidate->onWide, static fn (DrawnPart $part): bool => self::times($part, $candidate->inner) > self::TIMES)));
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        yield Mend::balanced();
        yield Mend::layout('Leave the last row as it comes', ['last_row' => LastRow::Start->value]);
        yield Mend::layout('Put the last row in the middle', ['last_row' => LastRow::Centre->value]);
        yield Mend::tiledRows();
        yield Mend::masonry();
    }

    private static function times(DrawnPart $part, float $inner): float
    {
        $heights = $part->band->rowHeights($inner);
        $last = array_pop($heights);

        return $last === null || $heights === [] ? 0.0 : $last / max(1.0, array_sum($heights) / count($heights));
    }
}
