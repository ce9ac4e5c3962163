<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

/** Puts pictures into the gallery, at the end or at stated places. */
final readonly class AddItems implements Joining
{
    /**
     * @param  list<array{Item, ?int}>  $entries  items with the places from 0 that they are put to, one after the other; null is the end
     * @param  ?string  $batch  which of the files that came together they are of
     */
    private function __construct(private array $entries, private ?string $batch = null)
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

    /** Some of many that come together: they are one act. */
    public function ofBatch(string $batch): self
    {
        return new self($this->entries, $batch);
    }

    /**
     * @param  list<array{Item, ?int}>  $entries  items with the places from 0 that they are put to, one after the other; null is the end
     */
    public static function inTurn(array $entries): self
    {
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

        return new self($entries, is_string($values['batch'] ?? null) ? $values['batch'] : null);
    }

    public function joinsLate(): bool
    {
        return true;
    }

    public function joinedTo(Change $earlier): ?Change
    {
        return $this->batch !== null && $earlier instanceof self && $earlier->batch === $this->batch ? new self([...$earlier->entries, ...$this->entries], $this->batch) : null;
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
        return ['kind' => 'add', ...($this->batch === null ? [] : ['batch' => $this->batch]), 'items' => array_map(
            static fn (array $entry): array => [...$entry[0]->toArray(), 'at' => $entry[1]],
            $this->entries,
        )];
    }
}
