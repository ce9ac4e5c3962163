<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Subject;

/** Pictures with fewer px than their tiles on a wide page, even where the screen has but one for each. */
final readonly class PictureTooSmall implements LayoutRule
{
    /** Share of the px that may be missing before it is seen. */
    private const MISSING = 0.1;

    public function code(): string
    {
        return 'picture-too-small';
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

    public function mends(Candidate $candidate, int $count): iterable
    {
        switch ($candidate->layout->kind) {
            case LayoutKind::Grid:
            case LayoutKind::Masonry:
                foreach ([3, 4, 5, 6, 8] as $columns) {
                    yield Mend::columns($columns);
                }
                break;
            case LayoutKind::Rows:
            case LayoutKind::Mosaic:
                foreach ([280, 230, 180, 140, 100] as $height) {
                    if ($height < $candidate->layout->rowHeight) {
                        yield new Mend("Rows of {$height} px", ['row_height' => $height]);
                    }
                }
                break;
            default:
                foreach ([420, 340, 260, 200] as $height) {
                    yield new Mend("{$height} px high", ['height' => $height]);
                }
        }
    }

    /**
     * @param  list<Subject>  $subjects
     * @return list<int> indexes
     */
    private static function small(Candidate $candidate, array $subjects): array
    {
        $small = [];
        $boxes = $candidate->arrangement->at($candidate->inner)->boxes;
        foreach ($subjects as $i => $subject) {
            if ($subject->size !== null && $subject->size->width < (1 - self::MISSING) * $boxes->widths[$i]->at($candidate->inner)) {
                $small[] = $i;
            }
        }

        return $small;
    }
}
