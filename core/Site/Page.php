<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

/** A page as it is saved, or as visitors have it. */
final readonly class Page
{
    /** Greatest number of characters of its title. */
    public const LONGEST_TITLE = 120;

    /** And of its entry in the menu. */
    public const LONGEST_LABEL = 40;

    /**
     * @param  ?string  $label  of its entry in the menu; null for none
     * @param  ?string  $parent  the page that it stands below in the menu
     * @param  int  $position  among all pages
     * @param  string  $body  by what its content is found; the same content has the same
     * @param  bool  $isBroughtIn  a file that came from outside, with a frame of its own
     * @param  list<Pane>  $panes
     */
    public function __construct(
        public string $id,
        public string $address,
        public string $title,
        public ?string $label,
        public ?string $parent,
        public int $position,
        public bool $comments,
        public string $body,
        public bool $isBroughtIn,
        public array $panes,
    ) {
    }

    /**
     * @param  array<string, mixed>  $values  as toArray() gave it
     */
    public static function fromArray(array $values): self
    {
        /** @var array{id: string, address: string, title: string, label: ?string, parent: ?string, position: int, comments: bool, body: string, brought_in: bool, panes: list<array<string, mixed>>} $values */
        return new self($values['id'], $values['address'], $values['title'], $values['label'], $values['parent'], $values['position'], $values['comments'], $values['body'], $values['brought_in'], array_map(Pane::fromArray(...), $values['panes']));
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'address' => $this->address, 'title' => $this->title, 'label' => $this->label, 'parent' => $this->parent, 'position' => $this->position,
            'comments' => $this->comments, 'body' => $this->body, 'brought_in' => $this->isBroughtIn, 'panes' => array_map(static fn (Pane $pane): array => $pane->toArray(), $this->panes),
        ];
    }

    /** What follows the host. */
    public function path(): string
    {
        return $this->address === PageAddress::HOME ? '/' : "/{$this->address}";
    }

    /**
     * The same with other galleries on it.
     *
     * @param  list<Pane>  $panes
     */
    public function holding(array $panes): self
    {
        usort($panes, static fn (Pane $a, Pane $b): int => [$a->spot, $a->id] <=> [$b->spot, $b->id]);

        return new self($this->id, $this->address, $this->title, $this->label, $this->parent, $this->position, $this->comments, $this->body, $this->isBroughtIn, $panes);
    }

    /**
     * @return list<Pane>
     */
    public function panesOf(string $gallery): array
    {
        return array_values(array_filter($this->panes, static fn (Pane $pane): bool => $pane->gallery === $gallery));
    }

    /**
     * @return list<Pane>
     */
    public function panesNotOf(string $gallery): array
    {
        return array_values(array_filter($this->panes, static fn (Pane $pane): bool => $pane->gallery !== $gallery));
    }

    /** Whether all is the same but for the galleries on it. */
    public function isSameWithoutPanes(self $other): bool
    {
        return $this->holding([])->toArray() === $other->holding([])->toArray();
    }

    /**
     * @throws SiteException when it is empty or too long
     */
    public static function checkedTitle(string $title): string
    {
        $title = trim($title);
        $length = mb_strlen($title);

        return match (true) {
            $title === '' => throw SiteException::noTitle(),
            $length > self::LONGEST_TITLE => throw SiteException::tooLong('title', $length, self::LONGEST_TITLE),
            default => $title,
        };
    }

    /**
     * @throws SiteException when it is empty or too long
     */
    public static function checkedLabel(?string $label): ?string
    {
        $label = $label === null ? null : trim($label);
        $length = mb_strlen((string) $label);

        return match (true) {
            $label === '' => throw SiteException::noLabel(),
            $length > self::LONGEST_LABEL => throw SiteException::tooLong('menu_label', $length, self::LONGEST_LABEL),
            default => $label,
        };
    }
}
