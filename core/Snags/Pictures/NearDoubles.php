<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Pictures;

use ZincPane\Core\Changes\FlagItems;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** Pictures that are nearly the same as one before them. */
final readonly class NearDoubles implements Rule
{
    public function code(): string
    {
        return 'near-doubles';
    }

    public function stage(): Stage
    {
        return Stage::Pictures;
    }

    public function found(Inspected $gallery): array
    {
        $found = [];
        $alike = $gallery->alike();
        $before = [];
        foreach ($gallery->drawn as $item) {
            $doubles = array_filter(array_intersect_key($alike[$item->id] ?? [], $before), static fn (int $bits): bool => $bits <= PerceptualHash::ALIKE);
            if ($doubles !== []) {
                $found[] = Sighting::ofPair($item->id, (string) array_key_first($doubles));
            }
            $before[$item->id] = true;
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        $pair = $gallery->nameOf((string) $seen[0]->item).' is nearly the same picture as '.$gallery->nameOf($seen[0]->seen);

        return count($seen) === 1 ? "{$pair}." : count($seen)." pictures are nearly the same as others: {$pair}, for one.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        yield Mend::by(count($seen) === 1 ? 'Hide '.$gallery->nameOf((string) $seen[0]->item) : 'Hide these '.count($seen), FlagItems::parse([
            'kind' => 'hide', 'hidden' => true, 'items' => array_map(static fn (Sighting $sighting): string => (string) $sighting->item, $seen),
        ]));
    }
}
