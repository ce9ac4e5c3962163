<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

/** Words in force: plain text, an empty one is none. */
final readonly class Words
{
    /** Greatest number of characters of the keywords of a picture, with the commas between. */
    public const LONGEST_KEYWORDS = 2000;

    public function __construct(
        public string $title = '',
        public string $caption = '',
        public string $alt = '',
        public string $description = '',
        public string $link = '',
        public string $credit = '',
        public bool $decorative = false,
    ) {
    }

    /**
     * @param  array<string, string|bool|null>  $words  as toArray() gave them; missing ones are none
     */
    public static function fromArray(array $words): self
    {
        $text = static fn (string $field): string => is_string($words[$field] ?? null) ? $words[$field] : '';

        return new self($text('title'), $text('caption'), $text('alt'), $text('description'), $text('link'), $text('credit'), ($words['decorative'] ?? null) === true);
    }

    public function text(WordField $field): string
    {
        return match ($field) {
            WordField::Title => $this->title,
            WordField::Caption => $this->caption,
            WordField::Description => $this->description,
            WordField::Alt => $this->alt,
            WordField::Link => $this->link,
            WordField::Credit => $this->credit,
        };
    }

    /** Word by word: "007" is not "7". */
    public function isSameAs(self $other): bool
    {
        return $this->toArray() === $other->toArray();
    }

    /** Whether nobody is left without a word for the picture. */
    public function isDescribed(): bool
    {
        return $this->decorative || $this->alt !== '';
    }

    /**
     * @return array{title: string, caption: string, description: string, alt: string, link: string, credit: string, decorative: bool}
     */
    public function toArray(): array
    {
        return [
            'title' => $this->title,
            'caption' => $this->caption,
            'description' => $this->description,
            'alt' => $this->alt,
            'link' => $this->link,
            'credit' => $this->credit,
            'decorative' => $this->decorative,
        ];
    }
}
