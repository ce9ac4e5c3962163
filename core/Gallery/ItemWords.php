<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

use Normalizer;

/**
 * What a gallery says of a picture in place of the picture's own words: null leaves the own
 * word in force, an empty string says nothing on purpose.
 */
final readonly class ItemWords
{
    /** Greatest number of characters, by field. */
    public const LONGEST = ['title' => 200, 'caption' => 1000, 'alt' => 1000];

    private function __construct(
        public ?string $title,
        public ?string $caption,
        public ?string $alt,
    ) {
    }

    public static function none(): self
    {
        return new self(null, null, null);
    }

    /** Words that were checked when they were written. */
    public static function of(?string $title, ?string $caption, ?string $alt): self
    {
        return new self($title, $caption, $alt);
    }

    /**
     * @param  array<array-key, mixed>  $words  some of title, caption, alt; the others are null
     *
     * @throws ChangeException when a key is unknown, or a value is neither null nor text of a length that fits
     */
    public static function parse(array $words): self
    {
        return self::none()->with($words);
    }

    /**
     * These words with some replaced.
     *
     * @param  array<array-key, mixed>  $words  some of title, caption, alt
     *
     * @throws ChangeException when a key is unknown, or a value is neither null nor text of a length that fits
     */
    public function with(array $words): self
    {
        $all = $this->toArray();
        foreach ($words as $field => $text) {
            $longest = self::LONGEST[$field] ?? throw ChangeException::unknownWord((string) $field, array_keys(self::LONGEST));
            $all[$field] = self::checked((string) $field, $text, $longest);
        }

        return new self($all['title'], $all['caption'], $all['alt']);
    }

    public function over(Words $own): Words
    {
        return new Words(
            $this->title ?? $own->title,
            $this->caption ?? $own->caption,
            $this->alt ?? $own->alt,
        );
    }

    /**
     * @return array{title: ?string, caption: ?string, alt: ?string}
     */
    public function toArray(): array
    {
        return ['title' => $this->title, 'caption' => $this->caption, 'alt' => $this->alt];
    }

    private static function checked(string $field, mixed $text, int $longest): ?string
    {
        if ($text === null) {
            return null;
        }
        if (! is_string($text)) {
            throw ChangeException::notText("words.{$field}", $text);
        }
        $plain = self::plain($text);
        if (mb_strlen($plain) > $longest) {
            throw ChangeException::tooLong("words.{$field}", mb_strlen($plain), $longest);
        }

        return $plain;
    }

    /** Composed Unicode without control characters (line breaks stay), trimmed. */
    private static function plain(string $text): string
    {
        $plain = mb_scrub(str_replace(["\r\n", "\r"], "\n", $text), 'UTF-8');
        $composed = Normalizer::normalize($plain, Normalizer::FORM_C);
        if (is_string($composed)) {
            $plain = $composed;
        }

        return trim((string) preg_replace('/ *[^\P{C}\n\x{200C}\x{200D}]+ */u', ' ', $plain));
    }
}
