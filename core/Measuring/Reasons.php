<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Design\LayoutKind;

/** Says in words what the measures of a layout amount to. */
final class Reasons
{
    /** Times as long as the shortest side the longest is where large and small are beside each other. */
    private const LARGE = 2.0;

    /**
     * Why it is good: "12 pictures fill 4 columns exactly; nothing important is cropped."
     */
    public static function of(Candidate $candidate, int $count): string
    {
        $said = [self::rows($candidate, $count), self::crop($candidate->wide)];
        if (PhoneSight::isTooSmall($candidate->phone->smallest)) {
            $said[] = "on a phone the smallest is {$candidate->phone->smallest} px";
        } elseif ($candidate->phone->smallest >= PhoneSight::WELL) {
            $said[] = 'large on a phone';
        }

        return ucfirst(implode('; ', array_filter($said, static fn (string $one): bool => $one !== ''))).'.';
    }

    private static function rows(Candidate $candidate, int $count): string
    {
        $wide = $candidate->wide;
        $columns = $candidate->onWide[0]->band->columns;
        $apart = (int) round(100 * $wide->uneven);
        $isOne = count($candidate->onWide) === 1;

        return match ($candidate->layout->kind) {
            LayoutKind::Grid => match (true) {
                $wide->rows === 1 => 'all in one row',
                $isOne && $count % $columns === 0 && $wide->inLastRow === $columns => "{$count} pictures fill {$columns} columns exactly",
                $wide->complete === $wide->rows => "all {$wide->rows} rows are complete",
                default => "{$wide->complete} of {$wide->rows} rows are complete",
            },
            LayoutKind::Masonry => $apart <= 2 ? 'the columns end level' : "the columns end {$apart} per cent apart",
            LayoutKind::Rows => match (true) {
                $wide->rows === 1 => 'all in one row',
                $wide->complete === $wide->rows => "all {$wide->rows} rows are complete, their heights within {$apart} per cent",
                default => "{$wide->complete} of {$wide->rows} rows are complete, their heights within {$apart} per cent",
            },
            LayoutKind::Mosaic => $wide->largest >= self::LARGE * $wide->smallest ? 'large and small fill the width without holes' : 'all fill the width without holes',
            default => 'one at a time',
        };
    }

    private static function crop(Measures $wide): string
    {
        $per = (int) round(100 * $wide->crop);
        $share = $per === 0 ? 'less than 1 per cent' : "{$per} per cent";

        return match (true) {
            $wide->worstPicture === null => 'nothing is cropped',
            $wide->harmed === 0 => "{$share} is cropped, nothing important",
            default => "{$share} is cropped, of {$wide->harmed} ".($wide->harmed === 1 ? 'picture' : 'pictures').' something important',
        };
    }
}
