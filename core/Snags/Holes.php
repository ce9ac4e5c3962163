<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\DrawnPart;

/** A grid of pictures in their own shapes whose rows have high ones beside low ones, so that much of it is empty. */
final readonly class Holes implements LayoutRule
{
    /** Share of the rows' area that is empty before it is seen. */
    private const EMPTY = 0.3;

    public function code(): string
    {
        return 'holes';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        if ($candidate->layout->kind !== LayoutKind::Grid || $candidate->layout->sharedShape() !== null || $candidate->onWide[0]->band->columns === 1) {
            return null;
        }
        $filled = $whole = 0.0;
        foreach ($candidate->onWide as $part) {
            [$tiles, $rows] = self::areas($part, $candidate->inner);
            $filled += $tiles;
            $whole += $rows;
        }
        $empty = $whole > 0 ? 1 - $filled / $whole : 0.0;

        return $empty > self::EMPTY ? (int) round(100 * $empty).' per cent of the rows is empty: high pictures stand beside low ones.' : null;
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        foreach (['3:2', '1:1'] as $shape) {
            yield Mend::shape($shape, ['object_fit' => ObjectFit::Cover->value]);
        }
        yield Mend::masonry();
        yield Mend::tiledRows();
    }

    /**
     * @return array{float, float} px² of tiles, and of the rows as far as they reach
     */
    private static function areas(DrawnPart $part, float $inner): array
    {
        $tiles = $rows = 0.0;
        $boxes = $part->band->boxes;
        foreach ($part->band->rowStarts as $row => $start) {
            $end = $part->band->rowStarts[$row + 1] ?? count($boxes);
            $tallest = $wide = 0.0;
            for ($i = $start; $i < $end; $i++) {
                $tiles += $boxes->widths[$i]->at($inner) * $boxes->heights[$i]->at($inner);
                $tallest = max($tallest, $boxes->heights[$i]->at($inner));
                $wide += $boxes->widths[$i]->at($inner);
            }
            $rows += $tallest * $wide;
        }

        return [$tiles, $rows];
    }
}
