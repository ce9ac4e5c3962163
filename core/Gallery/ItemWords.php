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
    private const DECORATIVE = 'decorative';

    /**
     * @param  array<string, string>  $texts  by field; a field that is not there is the picture's own
     */
    private function __construct(private array $texts, public ?bool $decorative)
    {
    }

    public static function none(): self
    {
        return new self([], null);
    }

    /**
     * Words that were checked when they were written.
     *
     * @param  array<string, string>  $texts  by field
     */
    public static function of(array $texts, ?bool $decorative): self
    {
        return new self($texts, $decorative);
    }

    /**
     * @param  array<array-key, mixed>  $words  some of the fields, and decorative; the others are null
     *
     * @throws ChangeException when a key is unknown, or a value is neither null nor what the field takes
     */
    public static function parse(array $words): self
    {
        return self::none()->with($words);
    }

    /**
     * These words with some replaced.
     *
     * @param  array<array-key, mixed>  $words  some of the fields, and decorative
     *
     * @throws ChangeException when a key is unknown, or a value is neither null nor what the field takes
     */
    public function with(array $words): self
    {
        $texts = $this->texts;
        $decorative = $this->decorative;
        foreach ($words as $key => $value) {
            if ($key === self::DECORATIVE) {
                $decorative = $value === null || is_bool($value) ? $value : throw ChangeException::notAFlag('words.decorative', $value);

                continue;
            }
            $field = WordField::tryFrom((string) $key) ?? throw ChangeException::unknownWord((string) $key, self::keys());
            $text = self::checked($field, $value);
            if ($text === null) {
                unset($texts[$field->value]);
            } else {
                $texts[$field->value] = $text;
            }
        }

        return new self($texts, $decorative);
    }

    public function text(WordField $field): ?string
    {
        return $this->texts[$field->value] ?? null;
    }

    public function over(Words $own): Words
    {
        return $this->texts === [] && $this->decorative === null ? $own : new Words(
            $this->texts['title'] ?? $own->title,
            $this->texts['caption'] ?? $own->caption,
            $this->texts['alt'] ?? $own->alt,
            $this->texts['description'] ?? $own->description,
            $this->texts['link'] ?? $own->link,
            $this->texts['credit'] ?? $own->credit,
            $this->decorative ?? $own->decorative,
        );
    }

    /**
     * @return array<string, string|bool|null> every field and decorative
     */
    public function toArray(): array
    {
        return [...array_fill_keys(self::keys(), null), ...$this->texts, self::DECORATIVE => $this->decorative];
    }

    /**
     * The fields in which something is said, decorative among them.
     *
     * @return list<string>
     */
    public function said(): array
    {
        return [...array_keys($this->texts), ...($this->decorative === null ? [] : [self::DECORATIVE])];
    }

    /**
     * @return list<string>
     */
    private static function keys(): array
    {
        return [...array_map(static fn (WordField $field): string => $field->value, WordField::cases()), self::DECORATIVE];
    }

    /**
     * @throws ChangeException when it is neither null nor text of a length that fits
     */
    private static function checked(WordField $field, mixed $text): ?string
    {
        if ($text === null) {
            return null;
        }
        $name = "words.{$field->value}";
        if (! is_string($text)) {
            throw ChangeException::notText($name, $text);
        }
        $plain = self::plain($text, $field->hasLines());
        if (mb_strlen($plain) > $field->longest()) {
            throw ChangeException::tooLong($name, mb_strlen($plain), $field->longest());
        }

        return $field === WordField::Link ? self::address($plain) : $plain;
    }

    /** Composed Unicode without control characters (line breaks stay where they may), trimmed. */
    private static function plain(string $text, bool $hasLines): string
    {
        $plain = mb_scrub(str_replace(["\r\n", "\r", "\u{2028}", "\u{2029}"], "\n", $text), 'UTF-8');
        $composed = Normalizer::normalize($plain, Normalizer::FORM_C);
        if (is_string($composed)) {
            $plain = $composed;
        }

        return trim((string) preg_replace($hasLines ? '/ *[^\P{C}\n\x{200C}\x{200D}]+ */u' : '/ *[^\P{C}\x{200C}\x{200D}]+ */u', ' ', $plain));
    }

    /**
     * Where a click may lead: another site, a place on this one, a letter. "saltreed.example/kites"
     * is taken for another site.
     *
     * @throws ChangeException when it is something else, a script say
     */
    private static function address(string $text): string
    {
        return match (true) {
            $text === '', preg_match('~^(https?://[^\s/]|mailto:[^\s@]+@|/(?![/\\\\])|#)\S*$~i', $text) === 1 => $text,
            preg_match('~^[a-z0-9-]+(\.[a-z0-9-]+)+([/?#]\S*)?$~i', $text) === 1 => 'https://'.$text,
            default => throw ChangeException::notAnAddress($text),
        };
    }
}
