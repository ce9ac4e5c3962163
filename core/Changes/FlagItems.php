<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemFlag;

/** Marks items or takes the mark away: hides them from visitors, or makes them large. */
final readonly class FlagItems implements Change
{
    /** Names in the journal. */
    private const KINDS = ['hide' => ItemFlag::Hidden, 'large' => ItemFlag::Large];

    /**
     * @param  list<string>  $items
     */
    private function __construct(private array $items, private ItemFlag $flag, private bool $is)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when the items are not a list of identifiers, or it is not said whether they are to be marked
     */
    public static function parse(array $values): self
    {
        $kind = $values['kind'] ?? null;
        $flag = (is_string($kind) ? self::KINDS[$kind] ?? null : null) ?? throw ChangeException::unknownKind($kind, array_keys(self::KINDS));
        $is = $values[$flag->value] ?? null;

        return new self(Changes::identifiers($values, 'items'), $flag, is_bool($is) ? $is : throw ChangeException::notAFlag($flag->value, $is));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        return $gallery->replacing(array_map(fn (Item $item): Item => $item->flagged($this->flag, $this->is), $gallery->items($this->items)));
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        $changed = array_filter($before->items($this->items), fn (Item $item): bool => $item->has($this->flag) !== $this->is);

        return new self(array_map(strval(...), array_keys($changed)), $this->flag, ! $this->is);
    }

    public function touches(): array
    {
        return array_map(fn (string $item): string => "items.{$item}.{$this->flag->value}", $this->items);
    }

    public function summary(GalleryDocument $before): string
    {
        $pictures = count($this->items) === 1 ? 'a picture' : count($this->items).' pictures';

        return match (true) {
            $this->flag === ItemFlag::Large => $this->is ? "made {$pictures} large" : "made {$pictures} as large as the others",
            $this->is => "hid {$pictures}",
            default => "showed again {$pictures}",
        };
    }

    public function toArray(): array
    {
        return ['kind' => array_flip(array_map(static fn (ItemFlag $flag): string => $flag->value, self::KINDS))[$this->flag->value], 'items' => $this->items, $this->flag->value => $this->is];
    }
}
