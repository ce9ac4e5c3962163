<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

/** One picture's place in a gallery. */
final readonly class Item
{
    /**
     * @param  string  $id  ULID, its own in the gallery
     * @param  string  $picture  ULID of the picture
     */
    public function __construct(
        public string $id,
        public string $picture,
        public ItemWords $words,
    ) {
    }

    public function withWords(ItemWords $words): self
    {
        return new self($this->id, $this->picture, $words);
    }

    /**
     * @return array{id: string, picture: string, words: array{title: ?string, caption: ?string, alt: ?string}}
     */
    public function toArray(): array
    {
        return ['id' => $this->id, 'picture' => $this->picture, 'words' => $this->words->toArray()];
    }
}
