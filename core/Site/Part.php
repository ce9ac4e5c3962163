<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use ZincPane\Core\Foreign;

/** One part of a page: a heading, a paragraph, a list, a picture. */
final readonly class Part
{
    /** Greatest number of characters of its HTML, and of the caption of a single picture. */
    public const LONGEST = 20_000;

    public const LONGEST_CAPTION = 500;

    /** Levels of headings. */
    public const LEVELS = [1, 2, 3];

    /** Words of it that are told in the history. */
    private const TOLD = 6;

    /**
     * @param  string  $html  within its element; cleaned before
     * @param  int  $level  of a heading
     * @param  bool  $ordered  of a list
     * @param  ?string  $picture  of the store
     * @param  string  $caption  of a single picture
     */
    public function __construct(
        public string $id,
        public PartKind $kind,
        public string $html = '',
        public int $level = 2,
        public bool $ordered = false,
        public ?string $picture = null,
        public string $caption = '',
        public PaneSide $side = PaneSide::Middle,
    ) {
    }

    /**
     * @param  mixed  $values  from outside, or as toArray() gave them
     * @param  callable(PartKind, string): string  $cleaned  lets through what a part of the kind may hold
     *
     * @throws SiteException when it is none
     */
    public static function parse(mixed $values, callable $cleaned): self
    {
        $id = is_array($values) ? $values['id'] ?? null : null;
        $kind = is_array($values) && is_string($values['kind'] ?? null) ? PartKind::tryFrom($values['kind']) : null;
        if (! is_array($values) || ! is_string($id) || preg_match('/^[0-9a-z]{1,26}$/Di', $id) !== 1 || $kind === null) {
            throw SiteException::notAPart($values, 'parts with an id and a kind: '.implode(', ', array_map(static fn (PartKind $kind): string => $kind->value, PartKind::cases())));
        }
        $text = static fn (string $key, int $longest): string => match (true) {
            ! is_string($values[$key] ?? '') => throw SiteException::notAPart($values[$key], "text as {$key}"),
            mb_strlen($values[$key] ?? '') > $longest => throw SiteException::tooLong("parts.{$key}", mb_strlen($values[$key] ?? ''), $longest),
            default => $values[$key] ?? '',
        };
        $level = $values['level'] ?? 2;
        $picture = $values['picture'] ?? null;

        return new self(
            $id,
            $kind,
            $cleaned($kind, $text('html', self::LONGEST)),
            in_array($level, self::LEVELS, true) ? $level : throw SiteException::notAPart($level, 'headings of level '.implode(', ', self::LEVELS)),
            ($values['ordered'] ?? false) === true,
            $kind === PartKind::Picture ? (is_string($picture) && $picture !== '' ? $picture : throw SiteException::notAPart($picture, 'a single picture with a picture of the store')) : null,
            $text('caption', self::LONGEST_CAPTION),
            PaneSide::tryFrom(is_string($values['side'] ?? null) ? $values['side'] : '') ?? PaneSide::Middle,
        );
    }

    /**
     * @return array<string, string|int|bool>
     */
    public function toArray(): array
    {
        return array_filter([
            'id' => $this->id, 'kind' => $this->kind->value, 'html' => $this->html,
            'level' => $this->kind === PartKind::Heading ? $this->level : null,
            'ordered' => $this->kind === PartKind::List ? $this->ordered : null,
            'picture' => $this->picture,
            'caption' => $this->kind === PartKind::Picture ? $this->caption : null,
            'side' => $this->kind === PartKind::Picture ? $this->side->value : null,
        ], static fn (string|int|bool|null $value): bool => $value !== null && $value !== '');
    }

    /** Its words, without marks. */
    public function words(): string
    {
        $html = $this->kind === PartKind::Picture ? $this->caption : preg_replace('/<[^>]*>/', ' ', $this->html);

        return trim((string) preg_replace('/\s+/u', ' ', html_entity_decode((string) $html, ENT_QUOTES | ENT_HTML5, 'UTF-8')));
    }

    /** By what it is told: its first words, between quotation marks. */
    public function says(): string
    {
        $words = preg_split('/ /', $this->words(), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        if ($words === []) {
            return $this->kind === PartKind::Picture ? 'the single picture' : 'an empty '.lcfirst($this->kind->label());
        }
        $first = implode(' ', array_slice($words, 0, self::TOLD));

        return '“'.Foreign::word(count($words) > self::TOLD ? rtrim($first, '.,;:').' …' : $first).'”';
    }
}
