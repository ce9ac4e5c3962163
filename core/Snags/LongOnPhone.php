<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\InitialView;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Measuring\Candidate;

/** So much to scroll on a phone that nobody comes to the end. */
final readonly class LongOnPhone implements OnPhone
{
    /** Screens. */
    public const MOST = 25;

    /** Rows that are shown at first where not all are, and at the least. */
    private const ROWS = [24, 12, 6, 3];

    public function code(): string
    {
        return 'long-on-phone';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        return $candidate->layout->initialView === InitialView::All && $candidate->phone->screens > self::MOST
            ? 'On a phone it is '.(int) round($candidate->phone->screens).' screens long.' : null;
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        if (! $candidate->layout->kind->isStrip()) {
            foreach (self::ROWS as $rows) {
                if ($rows < $candidate->wide->rows) {
                    yield Mend::layout("Show {$rows} rows at first", ['initial_view' => InitialView::Rows->value, 'initial_rows' => $rows]);
                    break;
                }
            }
        }
        switch ($candidate->layout->kind) {
            case LayoutKind::Grid:
            case LayoutKind::Masonry:
                yield Mend::layout('3 columns on a phone', ['phone' => ['columns' => 3]]);
                yield Mend::layout('2 columns on a phone', ['phone' => ['columns' => 2]]);
                break;
            case LayoutKind::Rows:
            case LayoutKind::Mosaic:
                yield Mend::layout('Rows of 110 px on a phone', ['phone' => ['row_height' => 110]]);
                break;
            default:
        }
        yield Mend::layout('A strip', ['kind' => LayoutKind::Strip->value]);
    }
}
