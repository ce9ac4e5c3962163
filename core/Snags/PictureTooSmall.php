<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\ColumnRule;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Subject;

/** Pictures with fewer px than their tiles on a wide page, even where the screen has but one for each. */
final readonly class PictureTooSmall implements MarksPlaces
{
    /** Also where it is told what mends it besides another layout. */
    public const CODE = 'picture-too-small';

    /** Share of the px that may be missing before it is seen. */
    private const MISSING = 0.1;

    public function code(): string
    {
        return self::CODE;
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        $small = self::small($candidate, $subjects);

        return match (count($small)) {
            0 => null,
            1 => 'Picture '.($small[0] + 1).' is smaller than its tile, and is drawn blurred.',
            default => count($small).' pictures are smaller than their tiles, and are drawn blurred.',
        };
    }

    public function places(Candidate $candidate, array $subjects): array
    {
        return self::small($candidate, $subjects);
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        switch ($candidate->layout->kind) {
            case LayoutKind::Grid:
                yield Mend::layout('Fit pictures inside', ['object_fit' => ObjectFit::Contain->value]);
                // As for masonry.
            case LayoutKind::Masonry:
                foreach ([3, 4, 5, 6, 8, 10, 12] as $columns) {
                    if ($columns > $candidate->onWide[0]->band->columns) {
                        yield Mend::columns($columns);
                    }
                }
                break;
            case LayoutKind::Rows:
            case LayoutKind::Mosaic:
                foreach ([280, 230, 180, 140, 100, 80] as $height) {
                    if ($height < $candidate->layout->rowHeight) {
                        yield Mend::layout("Rows of {$height} px", ['row_height' => $height]);
                    }
                }
                break;
            case LayoutKind::Single:
                break;
            default:
                foreach ([420, 340, 260, 200, 160] as $height) {
                    if ($height < $candidate->layout->height) {
                        yield Mend::layout("{$height} px high", ['height' => $height]);
                    }
                }
        }
        // Of several kinds of layout, these make the smallest tiles.
        foreach ([180, 120, 80] as $height) {
            yield Mend::layout("Tiled rows of {$height} px", ['kind' => LayoutKind::Rows->value, 'row_height' => $height, 'last_row' => LastRow::Start->value, 'phone' => ['row_height' => null]]);
        }
        foreach ([6, 10] as $columns) {
            yield Mend::layout("Masonry of {$columns} columns", ['kind' => LayoutKind::Masonry->value, 'column_rule' => ColumnRule::Count->value, 'columns' => $columns]);
        }
    }

    /**
     * @param  list<Subject>  $subjects
     * @return list<int> indexes
     */
    private static function small(Candidate $candidate, array $subjects): array
    {
        $small = [];
        $fit = $candidate->layout->objectFitInForce();
        $isCropped = $candidate->layout->sharedShape() !== null || $candidate->layout->kind->isStrip();
        foreach ($candidate->onWide as $part) {
            foreach ($part->pictures() as $place => $box) {
                $subject = $subjects[$place];
                if ($subject->size === null) {
                    continue;
                }
                [$width, $height] = [$box->width->at($candidate->inner), $box->height->at($candidate->inner)];
                // Where the tile has another shape, the picture covers it or stands within it.
                $drawn = match (true) {
                    ! $isCropped => $width,
                    $fit === ObjectFit::Cover => max($width, $height * $subject->ratio->value),
                    default => min($width, $height * $subject->ratio->value),
                };
                if ($subject->size->width < (1 - self::MISSING) * $drawn) {
                    $small[] = $place;
                }
            }
        }
        sort($small);

        return $small;
    }
}
