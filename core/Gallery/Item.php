<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

use ZincPane\Core\Viewer\ClickAct;

/** One place in a gallery: a picture or video of the store, or a small piece of text. */
final readonly class Item
{
    /**
     * @param  string  $id  ULID, its own in the gallery
     * @param  ?string  $picture  ULID of the picture or video; null for a text
     * @param  ?string  $text  HTML that was cleaned when it came in; null for a picture or video
     * @param  ?string  $album  identifier of the album it is in
     * @param  bool  $large  whether a layout that can makes it large
     * @param  ?ClickAct  $click  what a click on it does; null is the gallery's rule
     */
    public function __construct(
        public string $id,
        public ?string $picture,
        public ItemWords $words,
        public ?string $text = null,
        public ?string $album = null,
        public bool $hidden = false,
        public bool $large = false,
        public ?ClickAct $click = null,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $values  as toArray() gave them
     *
     * @throws ChangeException when something of it is missing or cannot be
     */
    public static function parse(array $values): self
    {
        $text = static fn (string $key): ?string => is_string($values[$key] ?? null) ? $values[$key] : null;
        $id = $text('id');
        if ($id === null || ($text('picture') === null) === ($text('text') === null)) {
            throw ChangeException::notAnItem($values);
        }

        return new self(
            $id,
            $text('picture'),
            ItemWords::parse(is_array($values['words'] ?? null) ? $values['words'] : []),
            $text('text'),
            $text('album'),
            ($values['hidden'] ?? false) === true,
            ($values['large'] ?? false) === true,
            is_string($values['click'] ?? null) ? ClickAct::tryFrom($values['click']) : null,
        );
    }

    /** Whether it is the same to a layout, and needs the same files: words do not count. */
    public function isLaidOutLike(self $other): bool
    {
        return $this->id === $other->id && $this->picture === $other->picture && $this->album === $other->album && $this->hidden === $other->hidden && $this->large === $other->large && $this->click === $other->click;
    }

    public function withWords(ItemWords $words): self
    {
        return new self($this->id, $this->picture, $words, $this->text, $this->album, $this->hidden, $this->large, $this->click);
    }

    public function withText(string $text): self
    {
        return new self($this->id, $this->picture, $this->words, $text, $this->album, $this->hidden, $this->large, $this->click);
    }

    public function inAlbum(?string $album): self
    {
        return new self($this->id, $this->picture, $this->words, $this->text, $album, $this->hidden, $this->large, $this->click);
    }

    public function clicked(?ClickAct $click): self
    {
        return new self($this->id, $this->picture, $this->words, $this->text, $this->album, $this->hidden, $this->large, $click);
    }

    public function flagged(ItemFlag $flag, bool $is): self
    {
        return new self(
            $this->id, $this->picture, $this->words, $this->text, $this->album,
            $flag === ItemFlag::Hidden ? $is : $this->hidden, $flag === ItemFlag::Large ? $is : $this->large, $this->click,
        );
    }

    public function has(ItemFlag $flag): bool
    {
        return $flag === ItemFlag::Hidden ? $this->hidden : $this->large;
    }

    /**
     * @return array<string, mixed> as parse() reads it
     */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'picture' => $this->picture,
            'words' => array_filter($this->words->toArray(), static fn (string|bool|null $word): bool => $word !== null),
            'text' => $this->text,
            'album' => $this->album,
            'hidden' => $this->hidden,
            'large' => $this->large,
            ...($this->click === null ? [] : ['click' => $this->click->value]),
        ];
    }
}
