<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

/** Hides items from visitors without taking them out, or shows them again. */
final readonly class HideItems implements Change
{
    /**
     * @param  list<string>  $items
     */
    private function __construct(private array $items, private bool $hidden)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when the items are not a list of identifiers, or it is not said whether to hide them
     */
    public static function parse(array $values): self
    {
        $hidden = $values['hidden'] ?? null;

        return new self(Changes::identifiers($values, 'items'), is_bool($hidden) ? $hidden : throw ChangeException::notAFlag('hidden', $hidden));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        return $gallery->replacing(array_map(fn (Item $item): Item => $item->hidden($this->hidden), $gallery->items($this->items)));
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        $changed = array_filter($before->items($this->items), fn (Item $item): bool => $item->hidden !== $this->hidden);

        return new self(array_map(strval(...), array_keys($changed)), ! $this->hidden);
    }

    public function touches(): array
    {
        return array_map(static fn (string $item): string => "items.{$item}.hidden", $this->items);
    }

    public function summary(): string
    {
        return ($this->hidden ? 'hid ' : 'showed again ').(count($this->items) === 1 ? 'a picture' : count($this->items).' pictures');
    }

    public function toArray(): array
    {
        return ['kind' => 'hide', 'items' => $this->items, 'hidden' => $this->hidden];
    }
}
