<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

/** Moves items, in their present order among themselves, to stand before another or at the end. */
final readonly class Move implements Change
{
    /** In place of an identifier: behind the last one. */
    public const END = '-';

    /**
     * @param  list<string>  $items
     */
    private function __construct(private array $items, private ?string $before)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when the items are not a list of identifiers
     */
    public static function parse(array $values): self
    {
        $before = $values['before'] ?? null;
        if ($before !== null && ! is_string($before)) {
            throw ChangeException::unknownItem($before);
        }

        return new self(Changes::identifiers($values, 'items'), $before);
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        $chosen = array_fill_keys($this->items, true);
        // All of them must be there.
        $gallery->items([...$this->items, ...($this->before === null ? [] : [$this->before])]);
        $moved = array_filter($gallery->items, static fn (Item $item): bool => isset($chosen[$item->id]));
        $order = [];
        foreach ($gallery->items as $item) {
            if ($item->id === $this->before) {
                array_push($order, ...$moved);
                $moved = [];
            }
            if (! isset($chosen[$item->id])) {
                $order[] = $item;
            }
        }

        return $gallery->holding([...$order, ...array_values($moved)]);
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return Reorder::asIn($before);
    }

    public function touches(): array
    {
        // Before which one it comes matters as much: that must be there, and stay where it is.
        return array_map(static fn (string $item): string => "place.{$item}", [...$this->items, $this->before ?? self::END]);
    }

    public function summary(GalleryDocument $before): string
    {
        return count($this->items) === 1 ? 'moved a picture' : 'moved '.count($this->items).' pictures';
    }

    public function toArray(): array
    {
        return ['kind' => 'move', 'items' => $this->items, 'before' => $this->before];
    }
}
