<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;

/** Gives a picture other words in this gallery. */
final readonly class Reword implements Change
{
    /**
     * @param  array<array-key, mixed>  $words  some of title, caption, alt; null goes back to the picture's own
     */
    private function __construct(private string $item, private array $words)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when the item or the words are missing or cannot be
     */
    public static function parse(array $values): self
    {
        $item = $values['item'] ?? null;
        $words = $values['words'] ?? null;
        if (! is_string($item)) {
            throw ChangeException::unknownItem($item);
        }
        if (! is_array($words)) {
            throw ChangeException::notAGroup('words', $words);
        }
        $clean = ItemWords::parse($words)->toArray();

        return new self($item, array_intersect_key($clean, $words));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        $changed = $gallery->item($this->item);
        $changed = $changed->withWords($changed->words->with($this->words));

        return $gallery->holding(array_map(
            static fn (Item $item): Item => $item->id === $changed->id ? $changed : $item,
            $gallery->items,
        ));
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return new self($this->item, array_intersect_key($before->item($this->item)->words->toArray(), $this->words));
    }

    public function summary(): string
    {
        return 'changed the '.implode(' and ', array_map(
            static fn (int|string $field): string => $field === 'alt' ? 'alt text' : (string) $field,
            array_keys($this->words),
        )).' of a picture';
    }

    public function toArray(): array
    {
        return ['kind' => 'words', 'item' => $this->item, 'words' => $this->words];
    }
}
