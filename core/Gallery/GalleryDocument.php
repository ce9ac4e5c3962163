<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

use ZincPane\Core\Design\GalleryDesign;

/** All that a person decides about a gallery, at one version. Never changed, only replaced. */
final readonly class GalleryDocument
{
    /**
     * @param  list<Item>  $items  in order
     */
    public function __construct(
        public string $title,
        public GalleryDesign $design,
        public array $items,
    ) {
    }

    public function titled(string $title): self
    {
        return new self($title, $this->design, $this->items);
    }

    public function designed(GalleryDesign $design): self
    {
        return new self($this->title, $design, $this->items);
    }

    /**
     * @param  list<Item>  $items
     */
    public function holding(array $items): self
    {
        return new self($this->title, $this->design, $items);
    }

    /**
     * @return array<string, int> places from 0, by item id
     */
    public function places(): array
    {
        $places = [];
        foreach ($this->items as $place => $item) {
            $places[$item->id] = $place;
        }

        return $places;
    }

    /**
     * @throws ChangeException when no item has the id
     */
    public function item(string $id): Item
    {
        return $this->items[$this->places()[$id] ?? throw ChangeException::unknownItem($id)];
    }
}
