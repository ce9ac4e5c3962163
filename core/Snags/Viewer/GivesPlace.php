<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Viewer;

use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;
use ZincPane\Core\Viewer\Download;

/** Originals that tell where they were taken, and that visitors may take with them. */
final readonly class GivesPlace implements Rule
{
    public function code(): string
    {
        return 'gives-place';
    }

    public function stage(): Stage
    {
        return Stage::Viewer;
    }

    public function found(Inspected $gallery): array
    {
        if ($gallery->gallery->design->viewer->giving->download !== Download::Original) {
            return [];
        }
        $found = [];
        foreach ($gallery->pictures() as $item) {
            $gallery->atHand($item)->tellsPlace ? $found[] = Sighting::ofItem($item->id, 'place') : null;
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        return count($seen) === 1
            ? 'Visitors may download the original of '.$gallery->nameOf((string) $seen[0]->item).', which tells where it was taken.'
            : 'Visitors may download the originals of '.count($seen).' pictures, which tell where they were taken.';
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        yield Mend::design('Give them without the place', ['viewer' => ['giving' => ['download' => Download::Stripped->value]]]);
        yield Mend::design('Give a large picture instead', ['viewer' => ['giving' => ['download' => Download::Large->value]]]);
    }
}
