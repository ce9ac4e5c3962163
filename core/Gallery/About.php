<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

/** What a gallery says of itself, and what of that visitors see. */
final readonly class About
{
    /** Greatest numbers of characters. */
    public const LONGEST_TITLE = 120;

    public const LONGEST_DESCRIPTION = 5000;

    private const KEYS = ['title', 'description', 'shows_title', 'shows_description'];

    private function __construct(
        public string $title,
        public string $description,
        public bool $showsTitle,
        public bool $showsDescription,
    ) {
    }

    /**
     * @throws ChangeException when the title is empty or too long
     */
    public static function titled(string $title): self
    {
        return (new self('', '', false, false))->with(['title' => $title]);
    }

    /**
     * What was checked when it was written.
     */
    public static function of(string $title, string $description, bool $showsTitle, bool $showsDescription): self
    {
        return new self($title, $description, $showsTitle, $showsDescription);
    }

    /**
     * @param  array<array-key, mixed>  $part  only what changes
     *
     * @throws ChangeException when a key is unknown, the title empty, or a text too long
     */
    public function with(array $part): self
    {
        foreach (array_keys($part) as $key) {
            if (! in_array($key, self::KEYS, true)) {
                throw ChangeException::unknownAbout((string) $key, self::KEYS);
            }
        }
        $title = self::text($part, 'title', $this->title, '/[\p{C}\s]+/u', self::LONGEST_TITLE);
        if ($title === '') {
            throw ChangeException::emptyTitle();
        }

        return new self(
            $title,
            self::text($part, 'description', $this->description, '/[^\P{C}\n]+/u', self::LONGEST_DESCRIPTION),
            self::flag($part, 'shows_title', $this->showsTitle),
            self::flag($part, 'shows_description', $this->showsDescription),
        );
    }

    /**
     * @return array{title: string, description: string, shows_title: bool, shows_description: bool}
     */
    public function toArray(): array
    {
        return [
            'title' => $this->title,
            'description' => $this->description,
            'shows_title' => $this->showsTitle,
            'shows_description' => $this->showsDescription,
        ];
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  string  $unwanted  regular expression of what becomes a blank
     */
    private static function text(array $part, string $key, string $before, string $unwanted, int $longest): string
    {
        if (! array_key_exists($key, $part)) {
            return $before;
        }
        $text = is_string($part[$key]) ? $part[$key] : throw ChangeException::notText($key, $part[$key]);
        $text = trim((string) preg_replace($unwanted, ' ', str_replace("\r\n", "\n", mb_scrub($text, 'UTF-8'))));

        return mb_strlen($text) <= $longest ? $text : throw ChangeException::tooLong($key, mb_strlen($text), $longest);
    }

    /**
     * @param  array<array-key, mixed>  $part
     */
    private static function flag(array $part, string $key, bool $before): bool
    {
        $flag = $part[$key] ?? $before;

        return is_bool($flag) ? $flag : throw ChangeException::notAFlag($key, $flag);
    }
}
