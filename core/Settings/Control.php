<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

/** By what a person sets a value: one of few kinds of control, and what it needs to know. */
final readonly class Control
{
    /**
     * @param  'number'|'choice'|'shape'|'flag'|'colour'|'text'|'css'|'picture'  $name
     * @param  array<string, mixed>  $facts
     * @param  bool  $canBeLeft  whether it may be left to what the core finds good
     */
    private function __construct(private string $name, private array $facts, private bool $canBeLeft = false)
    {
    }

    /**
     * A slider with a number field.
     *
     * @param  array<array-key, string>  $words  what stands in place of a number, by number
     * @param  list<array{value: int, label: string}>  $named  usual numbers
     */
    public static function number(int $least, int $most, string $unit, array $words = [], array $named = []): self
    {
        return new self('number', ['least' => $least, 'most' => $most, 'unit' => $unit, 'words' => array_map(static fn (int|string $number, string $word): array => ['value' => (int) $number, 'label' => $word], array_keys($words), array_values($words)), 'named' => $named]);
    }

    /**
     * One of a few.
     *
     * @param  non-empty-list<array{value: string, label: string}>  $options
     */
    public static function choice(array $options): self
    {
        return new self('choice', ['options' => $options]);
    }

    /**
     * One of the usual shapes, or any other as two numbers.
     *
     * @param  non-empty-list<array{value: string, label: string}>  $options
     * @param  string  $first  what another shape begins with
     * @param  int  $extreme  how many times as long as the other a side may be
     * @param  int  $longest  either number at most
     */
    public static function shape(array $options, string $first, int $extreme, int $longest): self
    {
        return new self('shape', ['options' => $options, 'first' => $first, 'extreme' => $extreme, 'longest' => $longest]);
    }

    /** A box to tick. */
    public static function flag(): self
    {
        return new self('flag', []);
    }

    /**
     * @param  string  $first  what is proposed to one who would give one
     */
    public static function colour(string $first): self
    {
        return new self('colour', ['first' => $first]);
    }

    /**
     * One line.
     *
     * @param  int  $longest  characters
     * @param  string  $allowed  what may be written, for people
     * @param  bool  $isShown  whether it has a control of its own
     */
    public static function text(int $longest, string $allowed, bool $isShown): self
    {
        return new self('text', ['longest' => $longest, 'allowed' => $allowed, 'shown' => $isShown]);
    }

    /** Lines of CSS. */
    public static function css(int $longest): self
    {
        return new self('css', ['longest' => $longest]);
    }

    /** One of the store's pictures. */
    public static function picture(): self
    {
        return new self('picture', []);
    }

    /** The same, but it may be left to what the core finds good. */
    public function orLeft(): self
    {
        return new self($this->name, $this->facts, true);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return ['control' => $this->name, ...$this->facts, 'can_be_left' => $this->canBeLeft];
    }
}
