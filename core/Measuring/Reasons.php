<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Design\LayoutKind;

/** Says in words what the measures of a layout amount to. */
final class Reasons
{
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

        return ucfirst(implode('; ', array_filter($said))).'.';
    }

    private static function rows(Candidate $candidate, int $count): string
    {
        $wide = $candidate->wide;
        $columns = $candidate->layout->columns;
        $apart = (int) round(100 * $wide->uneven);

        return match ($candidate->layout->kind) {
            LayoutKind::Grid => match (true) {
                $count % $columns === 0 => "{$count} pictures fill {$columns} columns exactly",
                $wide->rows === 1 => 'all in one row',
                $wide->complete === $wide->rows => "all {$wide->rows} rows are complete",
                default => "{$wide->complete} of {$wide->rows} rows are complete",
            },
            LayoutKind::Masonry => $apart <= 2 ? 'the columns end level' : "the columns end {$apart} per cent apart",
            LayoutKind::Rows => "{$wide->complete} of {$wide->rows} rows are complete, their heights within {$apart} per cent",
            LayoutKind::Mosaic => 'large and small fill the width without holes',
            default => 'one at a time',
        };
    }

    private static function crop(Measures $wide): string
    {
        $per = (int) round(100 * $wide->crop);

        return match (true) {
            $wide->worstPicture === null => 'nothing is cropped',
            $wide->harmed === 0 => "{$per} per cent is cropped, nothing important",
            default => "{$per} per cent is cropped, of {$wide->harmed} ".($wide->harmed === 1 ? 'picture' : 'pictures').' something important',
        };
    }
}
