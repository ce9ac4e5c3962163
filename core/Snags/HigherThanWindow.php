<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Viewport;

/** A strip or slideshow that is higher than the window it is seen in: its end is never in view with its beginning. */
final readonly class HigherThanWindow implements LayoutRule
{
    /** px that a browser and a page take of the height of a window at least. */
    private const TAKEN = 60;

    public function code(): string
    {
        return 'higher-than-window';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        if (! $candidate->layout->kind->isStrip() || $subjects === []) {
            return null;
        }

        return match (true) {
            $candidate->wide->height > Viewport::WIDE_HEIGHT - self::TAKEN => "It is {$candidate->wide->height} px high, and does not fit into an ordinary window.",
            $candidate->phone->height > Viewport::PHONE_HEIGHT - self::TAKEN => "It is {$candidate->phone->height} px high on a phone, and does not fit on its screen.",
            default => null,
        };
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        foreach ([680, 500, 360] as $height) {
            if ($height < $candidate->wide->height) {
                yield Mend::layout("{$height} px high", ['height' => $height]);
            }
        }
        foreach ([600, 420, 292] as $height) {
            if ($height < $candidate->phone->height) {
                yield Mend::layout("{$height} px high on a phone", ['phone' => ['height' => $height]]);
            }
        }
        yield Mend::layout('500 px high, 420 on a phone', ['height' => 500, 'phone' => ['height' => 420]]);
    }
}
