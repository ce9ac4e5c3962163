<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Pictures;

use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** Pictures whose original is no longer where it was stored: nothing new can be made of them. */
final readonly class FileIsMissing implements Rule
{
    public function code(): string
    {
        return 'file-is-missing';
    }

    public function stage(): Stage
    {
        return Stage::Pictures;
    }

    public function found(Inspected $gallery): array
    {
        $found = [];
        foreach ($gallery->items as $item) {
            $gallery->atHand($item)->isMissing ? $found[] = Sighting::ofItem($item->id, 'missing') : null;
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        return count($seen) === 1
            ? 'The original of '.$gallery->nameOf((string) $seen[0]->item).' is no longer on the disk. Bring it back from a backup, or add the picture anew.'
            : 'The originals of '.count($seen).' pictures are no longer on the disk. Bring them back from a backup, or add the pictures anew.';
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        yield CannotBeShown::takenOut($seen);
    }
}
