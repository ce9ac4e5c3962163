<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Tidying\Tidied;

/** All that a person decides about a gallery, at one version. Never changed, only replaced. */
final readonly class GalleryDocument
{
    /**
     * @param  list<Item>  $items  in order
     * @param  array<string, Tidied>  $tidied  how pictures stand that a change speaks of, by picture; the others are not told
     */
    public function __construct(
        public About $about,
        public GalleryDesign $design,
        public Albums $albums,
        public array $items,
        public array $tidied = [],
    ) {
    }

    /** Value by value: "007" is not "7", and no is not "not said". */
    public function isSameAs(self $other): bool
    {
        if ($this->about->toArray() !== $other->about->toArray() || $this->design->toArray() !== $other->design->toArray()
            || $this->albums->toArray() !== $other->albums->toArray() || count($this->items) !== count($other->items)) {
            return false;
        }
        foreach ($this->items as $place => $item) {
            // Most are the very same object.
            if ($item !== $other->items[$place] && $item->toArray() !== $other->items[$place]->toArray()) {
                return false;
            }
        }
        foreach ($this->tidied as $picture => $tidied) {
            if (! isset($other->tidied[$picture]) || ! $tidied->isSameAs($other->tidied[$picture])) {
                return false;
            }
        }

        return true;
    }

    /** Whether the same pictures stand in the same places, in the same sizes: words do not count. */
    public function isLaidOutLike(self $other): bool
    {
        if ($this->design->toArray() !== $other->design->toArray() || $this->albums->toArray() !== $other->albums->toArray() || count($this->items) !== count($other->items)) {
            return false;
        }
        foreach ($this->items as $place => $item) {
            if ($item !== $other->items[$place] && ! $item->isLaidOutLike($other->items[$place])) {
                return false;
            }
        }

        return true;
    }

    public function saying(About $about): self
    {
        return new self($about, $this->design, $this->albums, $this->items, $this->tidied);
    }

    public function designed(GalleryDesign $design): self
    {
        return new self($this->about, $design, $this->albums, $this->items, $this->tidied);
    }

    public function inAlbums(Albums $albums): self
    {
        return new self($this->about, $this->design, $albums, $this->items, $this->tidied);
    }

    /**
     * @param  array<string, Tidied>  $tidied  by picture
     */
    public function tidiedAs(array $tidied): self
    {
        return new self($this->about, $this->design, $this->albums, $this->items, $tidied);
    }

    /**
     * @param  list<Item>  $items
     */
    public function holding(array $items): self
    {
        return new self($this->about, $this->design, $this->albums, $items, $this->tidied);
    }

    /**
     * The items with some replaced, in the same order.
     *
     * @param  array<string, Item>  $changed  by id
     */
    public function replacing(array $changed): self
    {
        return $this->holding(array_map(static fn (Item $item): Item => $changed[$item->id] ?? $item, $this->items));
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
        return $this->items([$id])[$id];
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, Item> by id
     *
     * @throws ChangeException when no item has one of the ids
     */
    public function items(array $ids): array
    {
        $places = $this->places();
        $found = [];
        foreach ($ids as $id) {
            $found[$id] = $this->items[$places[$id] ?? throw ChangeException::unknownItem($id)];
        }

        return $found;
    }
}
