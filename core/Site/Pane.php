<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

/** One place where a gallery stands. */
final readonly class Pane
{
    /** Greatest number of characters of its name in addresses. */
    public const LONGEST_NAME = 60;

    /**
     * @param  int  $spot  how many parts of the page stand before it; in the frame of the site, which of its spots
     * @param  string  $name  that addresses end in: "from-the-workshop" for /kites#from-the-workshop; the only one of its page
     * @param  ?array{phone: int, in_phone: int, wide: int, in_wide: int}  $room  px of two windows and of the room there, where the page does not tell it
     * @param  list<string>  $except  pages that one in the frame is not shown on
     */
    public function __construct(
        public string $id,
        public string $gallery,
        public int $spot,
        public string $name,
        public PaneDesign $design,
        public PaneExceptions $exceptions,
        public ?array $room = null,
        public array $except = [],
    ) {
    }

    /**
     * @param  array<string, mixed>  $values  as toArray() gave it
     */
    public static function fromArray(array $values): self
    {
        /** @var array{id: string, gallery: string, spot: int, name?: string, place?: array<string, mixed>, exceptions?: array<string, mixed>, room?: array{phone: int, in_phone: int, wide: int, in_wide: int}, except?: list<string>} $values */
        return new self($values['id'], $values['gallery'], $values['spot'], $values['name'] ?? '', PaneDesign::fromArray($values['place'] ?? []), PaneExceptions::fromArray($values['exceptions'] ?? []), $values['room'] ?? null, $values['except'] ?? []);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'gallery' => $this->gallery, 'spot' => $this->spot, 'name' => $this->name, 'place' => $this->design->toArray(),
            ...array_filter(['exceptions' => $this->exceptions->toArray(), 'room' => $this->room, 'except' => $this->except], static fn (mixed $fact): bool => $fact !== [] && $fact !== null),
        ];
    }

    public function isSameAs(self $other): bool
    {
        return $this->toArray() === $other->toArray();
    }

    /** The frame that it stands in, where the page says one, else by the room that was measured. */
    public function frame(?PageFrame $page): PageFrame
    {
        return $page ?? ($this->room === null ? PageFrame::unknown() : PageFrame::measured($this->room['phone'], $this->room['in_phone'], $this->room['wide'], $this->room['in_wide']));
    }

    /**
     * @param  list<string>  $taken  that are on the page
     *
     * @throws SiteException when it is none, or something else on the page has it
     */
    public static function checkedName(mixed $given, array $taken): string
    {
        if (! is_string($given) || strlen($given) > self::LONGEST_NAME || preg_match('/^[a-z][a-z0-9]*(?:-+[a-z0-9]+)*$/D', $given) !== 1) {
            throw SiteException::notAName($given, self::LONGEST_NAME);
        }

        return in_array($given, $taken, true) ? throw SiteException::takenName($given) : $given;
    }

    /**
     * A readable name that nothing else on the page has.
     *
     * @param  list<string>  $taken  that are on the page
     */
    public static function nameFor(string $title, array $taken): string
    {
        $base = Slug::of($title, self::LONGEST_NAME - 4);
        $base = preg_match('/^[a-z]/', $base) === 1 ? $base : rtrim("gallery-{$base}", '-');
        for ($number = 1; ; $number++) {
            $name = $number === 1 ? $base : "{$base}-{$number}";
            if (! in_array($name, $taken, true)) {
                return $name;
            }
        }
    }
}
