<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;

/** A first view that takes long to come. */
final readonly class HeavyFirstView implements LayoutRule
{
    /** Bytes; at 1.6 Mbit/s, slow 4G, five seconds. */
    public const MOST = 1_000_000;

    public function code(): string
    {
        return 'heavy-first-view';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        $bytes = max($candidate->wide->firstBytes, $candidate->phone->firstBytes);
        $where = $candidate->phone->firstBytes >= $candidate->wide->firstBytes ? 'on a phone' : 'on a wide page';

        return $bytes > self::MOST ? 'The first view '.$where.' weighs '.number_format($bytes / 1_000_000, 1).' MB.' : null;
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        switch ($candidate->layout->kind) {
            case LayoutKind::Grid:
            case LayoutKind::Masonry:
                foreach ([4, 5, 6] as $columns) {
                    yield Mend::columns($columns);
                }
                break;
            case LayoutKind::Rows:
            case LayoutKind::Mosaic:
                foreach ([180, 140] as $height) {
                    yield Mend::layout("Rows of {$height} px", ['row_height' => $height, 'phone' => ['row_height' => null]]);
                }
                break;
            default:
        }
        yield Mend::layout('A strip', ['kind' => LayoutKind::Strip->value, 'height' => 300]);
    }
}
