<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

/** Takes pictures out of the gallery; they stay in the store. */
final readonly class RemoveItems implements Change
{
    /**
     * @param  list<string>  $items
     */
    private function __construct(private array $items)
    {
    }

    /**
     * @param  list<string>  $items
     */
    public static function of(array $items): self
    {
        return new self($items);
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when the items are not a list of identifiers
     */
    public static function parse(array $values): self
    {
        return new self(Changes::identifiers($values, 'items'));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        return $gallery->holding(array_values(array_diff_key($gallery->items, $this->found($gallery))));
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return AddItems::atPlaces($this->found($before));
    }

    public function touches(): array
    {
        return ['list', ...array_map(static fn (string $item): string => "items.{$item}", $this->items), ...array_map(static fn (string $item): string => "place.{$item}", $this->items)];
    }

    public function summary(GalleryDocument $before): string
    {
        return count($this->items) === 1 ? 'took out a picture' : 'took out '.count($this->items).' pictures';
    }

    public function toArray(): array
    {
        return ['kind' => 'remove', 'items' => $this->items];
    }

    /**
     * @return array<int, Item> by place, ascending
     */
    private function found(GalleryDocument $gallery): array
    {
        $places = $gallery->places();
        $found = [];
        foreach ($this->items as $id) {
            $place = $places[$id] ?? throw ChangeException::unknownItem($id);
            $found[$place] = $gallery->items[$place];
        }
        ksort($found);

        return $found;
    }
}
