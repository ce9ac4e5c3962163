<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Publishing\GalleryRenderer;
use ZincPane\Core\Measuring\Candidate;

/** One way to lay a gallery out: drawn in small, with its measures. */
final class CandidateResource
{
    /** Inner width in px at which it is drawn, and how much of its height is shown. */
    private const WIDTH = 1120;

    private const HEIGHT = 690;

    /**
     * @return array<string, mixed>
     */
    public static function of(Candidate $candidate, GalleryRenderer $drawn): array
    {
        return [
            'name' => $candidate->layout->label(),
            'layout' => $candidate->part,
            'wide' => $candidate->wide->toArray(),
            'phone' => $candidate->phone->toArray(),
            'miniature' => ['width' => self::WIDTH, 'height' => self::HEIGHT, 'tiles' => Miniature::tiles($candidate->arrangement->at(self::WIDTH), $drawn->items, $candidate->layout, self::WIDTH, self::HEIGHT)],
        ];
    }
}
