<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Pictures;

use ZincPane\Core\Changes\RemoveItems;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** Pictures of which files could not be made: visitors see them badly, or not at all. */
final readonly class CannotBeShown implements Rule
{
    public function code(): string
    {
        return 'cannot-be-shown';
    }

    public function stage(): Stage
    {
        return Stage::Pictures;
    }

    public function found(Inspected $gallery): array
    {
        $found = [];
        foreach ($gallery->items as $item) {
            $failure = $gallery->atHand($item)->failure;
            if ($failure !== null) {
                $found[] = Sighting::ofItem($item->id, $failure);
            }
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        $first = $gallery->nameOf((string) $seen[0]->item);

        return count($seen) === 1 ? "Files of {$first} could not be made: {$seen[0]->seen}" : 'Files of '.count($seen)." pictures could not be made. Of {$first}: {$seen[0]->seen}";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        yield self::takenOut($seen);
    }

    /**
     * @param  non-empty-list<Sighting>  $seen
     */
    public static function takenOut(array $seen): Mend
    {
        return Mend::by(count($seen) === 1 ? 'Take it out of the gallery' : 'Take all '.count($seen).' out of the gallery', RemoveItems::parse(['items' => array_map(static fn (Sighting $sighting): string => (string) $sighting->item, $seen)]));
    }
}
