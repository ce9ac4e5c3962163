<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Ordering;

use ZincPane\Core\Changes\Reorder;
use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Ordering\LookAlikesApart;
use ZincPane\Core\Ordering\Orderable;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** Pictures that look alike and stand side by side. */
final readonly class LookAlikesBeside implements Rule
{
    public function code(): string
    {
        return 'look-alikes-beside';
    }

    public function stage(): Stage
    {
        return Stage::Pictures;
    }

    public function found(Inspected $gallery): array
    {
        $found = [];
        $alike = $gallery->alike();
        foreach ($gallery->parts() as $part) {
            foreach (array_slice($part, 1) as $n => $place) {
                [$one, $other] = [$gallery->drawn[$part[$n]]->id, $gallery->drawn[$place]->id];
                isset($alike[$one][$other]) ? $found[] = Sighting::ofPair($other, $one) : null;
            }
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        return count($seen) === 1
            ? $gallery->nameOf($seen[0]->seen).' and '.$gallery->nameOf((string) $seen[0]->item).' look alike and stand side by side.'
            : count($seen).' pairs of look-alikes stand side by side.';
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        // Those that nobody sees keep their places among the others.
        $order = new LookAlikesApart;
        $items = $gallery->gallery->items;
        $apart = $order->arrange(array_map(static fn (Item $item): Orderable => new Orderable($item->id, null, Ratio::of(1, 1), Oklab::of(1, 0, 0), $gallery->lookOf($item)), $items));
        yield Mend::by('Keep look-alikes apart', Reorder::to(array_map(static fn (int $place): string => $items[$place]->id, $apart), $order->summary()));
    }
}
