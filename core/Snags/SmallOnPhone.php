<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\PhoneSight;

/** Tiles that are too small to see, or to tap, on a phone. */
final readonly class SmallOnPhone implements LayoutRule
{
    public function code(): string
    {
        return 'small-on-phone';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        $smallest = $candidate->phone->smallest;

        return $subjects !== [] && PhoneSight::isTooSmall($smallest) ? "On a phone the smallest picture is {$smallest} px." : null;
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        switch ($candidate->layout->kind) {
            case LayoutKind::Grid:
            case LayoutKind::Masonry:
                foreach ([3, 2, 1] as $columns) {
                    yield new Mend($columns === 1 ? 'One column on a phone' : "{$columns} columns on a phone", ['phone' => ['columns' => $columns]]);
                }
                break;
            case LayoutKind::Rows:
            case LayoutKind::Mosaic:
                foreach ([120, 160, 200, 260, 340] as $height) {
                    yield new Mend("Rows of {$height} px on a phone", ['phone' => ['row_height' => $height]]);
                }
                break;
            default:
        }
        yield new Mend('Use masonry, 2 columns on a phone', ['kind' => LayoutKind::Masonry->value, 'phone' => ['columns' => 2]]);
        yield Mend::oneARow();
    }
}
