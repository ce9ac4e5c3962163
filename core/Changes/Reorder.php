<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

/** Puts all items into a stated order. */
final readonly class Reorder implements Change
{
    /**
     * @param  list<string>  $items
     * @param  string  $summary  what was done, in words that follow "You"
     */
    private function __construct(private array $items, private string $summary = 'changed the order')
    {
    }

    /**
     * @param  list<string>  $items
     * @param  string  $summary  what was done, in words that follow "You"
     */
    public static function to(array $items, string $summary): self
    {
        return new self($items, $summary);
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

    public static function asIn(GalleryDocument $gallery): self
    {
        return new self(array_map(static fn (Item $item): string => $item->id, $gallery->items));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        $places = $gallery->places();
        $order = [];
        foreach ($this->items as $id) {
            $order[$id] = $gallery->items[$places[$id] ?? throw ChangeException::notTheSameItems()];
        }
        if (count($order) !== count($gallery->items)) {
            throw ChangeException::notTheSameItems();
        }

        return $gallery->holding(array_values($order));
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return self::asIn($before);
    }

    public function touches(): array
    {
        return ['place', 'list'];
    }

    public function summary(GalleryDocument $before): string
    {
        return $this->summary;
    }

    public function toArray(): array
    {
        return ['kind' => 'order', 'items' => $this->items];
    }
}
