<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;

/** Several changes, one after the other, as one act: all that leads back to a point of the history. */
final readonly class Together implements Change
{
    /**
     * @param  list<Change>  $changes  in their order
     * @param  string  $says  what was done, in words that follow "You"
     */
    private function __construct(private array $changes, private string $says)
    {
    }

    /**
     * @param  list<Change>  $changes  in their order
     * @param  string  $says  what was done, in words that follow "You"
     */
    public static function of(array $changes, string $says): self
    {
        return new self($changes, $says);
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when they are no changes
     */
    public static function parse(array $values): self
    {
        $changes = $values['changes'] ?? null;
        $says = $values['says'] ?? null;
        if (! is_array($changes) || ! is_string($says)) {
            throw ChangeException::notAGroup('changes', $changes);
        }

        return new self(array_values(array_map(static fn (mixed $change): Change => is_array($change) ? Changes::parse($change) : throw ChangeException::notAGroup('changes', $change), $changes)), $says);
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        foreach ($this->changes as $change) {
            $gallery = Changes::fitting($change, $gallery)->appliedTo($gallery);
        }

        return $gallery;
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        $back = [];
        foreach ($this->changes as $change) {
            $change = Changes::fitting($change, $before);
            array_unshift($back, $change->inverseFor($before));
            $before = $change->appliedTo($before);
        }

        return new self($back, $this->says);
    }

    public function touches(): array
    {
        return array_values(array_unique(array_merge([], ...array_map(static fn (Change $change): array => $change->touches(), $this->changes))));
    }

    public function summary(GalleryDocument $before): string
    {
        return $this->says;
    }

    public function toArray(): array
    {
        return ['kind' => 'together', 'says' => $this->says, 'changes' => array_map(static fn (Change $change): array => $change->toArray(), $this->changes)];
    }

    /**
     * @return list<string> identifiers of pictures that are tidied
     */
    public function pictures(): array
    {
        $pictures = [];
        foreach ($this->changes as $change) {
            array_push($pictures, ...($change instanceof Tidy || $change instanceof self ? $change->pictures() : []));
        }

        return array_values(array_unique($pictures));
    }
}
