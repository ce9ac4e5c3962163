<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Measuring\Candidate;

/** A picture of which more is cut off than is left. */
final readonly class MuchCropped implements CropRule, MarksPlaces
{
    /** Share of a picture's area. */
    public const MOST = 0.5;

    public function code(): string
    {
        return 'much-cropped';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        [$worst, $picture] = $candidate->wide->worstCrop >= $candidate->phone->worstCrop
            ? [$candidate->wide->worstCrop, $candidate->wide->worstPicture]
            : [$candidate->phone->worstCrop, $candidate->phone->worstPicture];

        return $worst > self::MOST && $picture !== null ? 'Picture '.($picture + 1).' loses '.round(100 * $worst).' per cent.' : null;
    }

    public function places(Candidate $candidate, array $subjects): array
    {
        $picture = ($candidate->wide->worstCrop >= $candidate->phone->worstCrop ? $candidate->wide : $candidate->phone)->worstPicture;

        return $picture === null ? [] : [$picture];
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        return LostFocalArea::lessCropped($candidate);
    }
}
