<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\WordField;

/** Gives pictures other words in this gallery. */
final readonly class Reword implements Joining
{
    /**
     * @param  array<string, array<string, string|bool|null>>  $words  of each item some fields; null goes back to the picture's own
     */
    private function __construct(private array $words)
    {
    }

    /**
     * @param  array<string, array<string, string|bool|null>>  $words  by item, as they were checked
     */
    public static function of(array $words): self
    {
        return new self($words);
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when the words are missing or cannot be
     */
    public static function parse(array $values): self
    {
        $all = $values['words'] ?? null;
        if (! is_array($all) || $all === []) {
            throw ChangeException::notAGroup('words', $all);
        }
        $clean = [];
        foreach ($all as $item => $words) {
            if (! is_array($words)) {
                throw ChangeException::notAGroup('words', $words);
            }
            $clean[(string) $item] = array_intersect_key(ItemWords::parse($words)->toArray(), $words);
        }

        return new self($clean);
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        $changed = [];
        foreach ($gallery->items($this->items()) as $id => $item) {
            $changed[$id] = $item->withWords($item->words->with($this->words[$id]));
        }

        return $gallery->replacing($changed);
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        $words = [];
        foreach ($before->items($this->items()) as $id => $item) {
            $words[$id] = array_intersect_key($item->words->toArray(), $this->words[$id]);
        }

        return new self($words);
    }

    public function joinsLate(): bool
    {
        return false;
    }

    public function joinedTo(Change $earlier): ?Change
    {
        // One text that is being typed.
        return count($this->words) === 1 && $earlier instanceof self && $earlier->touches() === $this->touches() ? $this : null;
    }

    public function touches(): array
    {
        $touches = [];
        foreach ($this->words as $item => $words) {
            foreach (array_keys($words) as $field) {
                $touches[] = "items.{$item}.words.{$field}";
            }
        }

        return $touches;
    }

    public function summary(GalleryDocument $before): string
    {
        $fields = array_keys(array_merge(...array_values($this->words)));
        $labels = array_map(static fn (string $field): string => WordField::tryFrom($field)?->label() ?? 'decorative mark', $fields);

        return 'changed the '.implode(' and ', $labels).' of '.(count($this->words) === 1 ? 'a picture' : count($this->words).' pictures');
    }

    public function toArray(): array
    {
        return ['kind' => 'words', 'words' => $this->words];
    }

    /**
     * @return list<string>
     */
    private function items(): array
    {
        // Identifiers of digits alone come back from an array as numbers.
        return array_map(strval(...), array_keys($this->words));
    }
}
