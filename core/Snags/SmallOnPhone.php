<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\PhoneSight;

/** Tiles that are too small to see, or to tap, on a phone. */
final readonly class SmallOnPhone implements MarksPlaces, OnPhone
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

    public function places(Candidate $candidate, array $subjects): array
    {
        $small = [];
        foreach ($candidate->onPhone as $part) {
            foreach ($part->pictures() as $place => $box) {
                if (PhoneSight::isTooSmall((int) min($box->width->at($candidate->innerOnPhone), $box->height->at($candidate->innerOnPhone)))) {
                    $small[] = $place;
                }
            }
        }

        return $small;
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        switch ($candidate->layout->kind) {
            case LayoutKind::Grid:
            case LayoutKind::Masonry:
                foreach ([3, 2, 1] as $columns) {
                    yield Mend::layout($columns === 1 ? 'One column on a phone' : "{$columns} columns on a phone", ['phone' => ['columns' => $columns]]);
                }
                break;
            case LayoutKind::Rows:
            case LayoutKind::Mosaic:
                foreach ([120, 160, 200, 260, 340] as $height) {
                    yield Mend::layout("Rows of {$height} px on a phone", ['phone' => ['row_height' => $height]]);
                }
                break;
            default:
        }
        yield Mend::layout('Use masonry, 2 columns on a phone', ['kind' => LayoutKind::Masonry->value, 'phone' => ['columns' => 2]]);
        yield Mend::oneARow();
    }
}
