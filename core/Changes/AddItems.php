<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

/** Puts pictures into the gallery, at the end or at stated places. */
final readonly class AddItems implements Change
{
    /**
     * @param  list<array{Item, ?int}>  $entries  items with their places from 0 in the outcome, ascending; null is the end
     */
    private function __construct(private array $entries)
    {
    }

    /**
     * @param  list<Item>  $items
     */
    public static function atEnd(array $items): self
    {
        return new self(array_map(static fn (Item $item): array => [$item, null], $items));
    }

    /**
     * @param  array<int, Item>  $items  by their places from 0 in the outcome, ascending
     */
    public static function atPlaces(array $items): self
    {
        $entries = [];
        foreach ($items as $place => $item) {
            $entries[] = [$item, $place];
        }

        return new self($entries);
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when an entry is not an item
     */
    public static function parse(array $values): self
    {
        $entries = [];
        foreach (is_array($values['items'] ?? null) ? $values['items'] : throw ChangeException::notAList('items', $values['items'] ?? null) as $entry) {
            $at = is_array($entry) ? $entry['at'] ?? null : null;
            $entries[] = [is_array($entry) ? Item::parse($entry) : throw ChangeException::notAnItem($entry), is_int($at) ? $at : null];
        }

        return new self($entries);
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        $items = $gallery->items;
        $places = $gallery->places();
        foreach ($this->entries as [$item, $at]) {
            if (isset($places[$item->id])) {
                throw ChangeException::takenItem($item->id);
            }
            array_splice($items, $at ?? count($items), 0, [$item]);
        }

        return $gallery->holding($items);
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return RemoveItems::of(array_map(static fn (array $entry): string => $entry[0]->id, $this->entries));
    }

    public function touches(): array
    {
        return ['list'];
    }

    public function summary(GalleryDocument $before): string
    {
        return count($this->entries) === 1 ? 'put in a picture' : 'put in '.count($this->entries).' pictures';
    }

    public function toArray(): array
    {
        return ['kind' => 'add', 'items' => array_map(
            static fn (array $entry): array => [...$entry[0]->toArray(), 'at' => $entry[1]],
            $this->entries,
        )];
    }
}
