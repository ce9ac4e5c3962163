<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Pages;

use ZincPane\Core\Design\InitialView;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;
use ZincPane\Core\Snags\Standing;

/** Pages whose galleries together weigh so much that who looks at all of it on a phone waits, and pays. */
final readonly class HeavyPage implements Rule
{
    /** Bytes; at 1.6 Mbit/s, slow 4G, a minute. */
    public const MOST = 12_000_000;

    /** Rows that are shown at first where not all are. */
    private const ROWS = [12, 6, 3];

    public function code(): string
    {
        return 'heavy-page';
    }

    public function stage(): Stage
    {
        return Stage::Pages;
    }

    public function found(Inspected $gallery): array
    {
        if ($gallery->around->pages === []) {
            return [];
        }
        $own = self::fetched($gallery->now());

        return array_map(
            static fn (Standing $page): Sighting => Sighting::ofPage($page->id, "“{$page->title}” weighs ".number_format(($own + $page->besides) / 1_000_000).' MB'),
            array_values(array_filter($gallery->around->pages, static fn (Standing $page): bool => $own + $page->besides > self::MOST)),
        );
    }

    public function says(Inspected $gallery, array $seen): string
    {
        return count($seen) === 1 ? "{$seen[0]->seen} on a phone, once all of it was looked at." : count($seen)." pages are heavy: {$seen[0]->seen} on a phone, once all of it was looked at.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        foreach ($gallery->gallery->design->layout->kind->isStrip() ? [] : self::ROWS as $rows) {
            yield Mend::layout("Show {$rows} rows at first", ['initial_view' => InitialView::Rows->value, 'initial_rows' => $rows]);
        }
    }

    /**
     * What a phone fetches of a gallery that is shown to it, without asking for more.
     *
     * @return int bytes
     */
    public static function fetched(Candidate $gallery): int
    {
        $share = $gallery->layout->initialView === InitialView::All ? 1.0 : min(1.0, $gallery->layout->initialRows * max(1, $gallery->onWide[0]->band->columns) / max(1, $gallery->phone->items));

        return (int) round($gallery->phone->allBytes * $share);
    }
}
