<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

/** The parts of a page in their order. */
final readonly class Parts
{
    /** At most, of a page. */
    public const MOST = 400;

    /**
     * @param  list<Part>  $list
     */
    private function __construct(public array $list)
    {
    }

    /**
     * @param  list<Part>  $list
     *
     * @throws SiteException when there are too many, or two have the same id
     */
    public static function of(array $list): self
    {
        if (count($list) > self::MOST) {
            throw SiteException::tooManyParts(count($list), self::MOST);
        }
        $ids = array_map(static fn (Part $part): string => $part->id, $list);

        return count(array_unique($ids)) === count($ids) ? new self($list) : throw SiteException::notAPart($ids, 'every part once');
    }

    /**
     * @param  mixed  $values  from outside, or as toArray() gave them
     * @param  callable(PartKind, string): string  $cleaned  lets through what a part of the kind may hold
     *
     * @throws SiteException when something is no part, or there are too many
     */
    public static function parse(mixed $values, callable $cleaned): self
    {
        if (! is_array($values) || ! array_is_list($values)) {
            throw SiteException::notAPart($values, 'a list of parts');
        }
        if (count($values) > self::MOST) {
            throw SiteException::tooManyParts(count($values), self::MOST);
        }

        return self::of(array_map(static fn (mixed $part): Part => Part::parse($part, $cleaned), $values));
    }

    /**
     * @return list<array<string, string|int|bool>>
     */
    public function toArray(): array
    {
        return array_map(static fn (Part $part): array => $part->toArray(), $this->list);
    }

    /**
     * What is kept as it came stays as it came, whatever is sent for it.
     *
     * @param  self  $before  as the page is
     */
    public function keeping(self $before): self
    {
        $kept = [];
        foreach ($before->list as $part) {
            $kept[$part->id] = $part;
        }

        return new self(array_values(array_filter(array_map(
            static fn (Part $part): ?Part => $part->kind === PartKind::Kept || ($kept[$part->id] ?? null)?->kind === PartKind::Kept ? $kept[$part->id] ?? null : $part,
            $this->list,
        ))));
    }

    /**
     * Where a place goes when parts are moved, put in or taken out: it stays behind the part that it stood behind,
     * or behind the nearest before that one which is still there.
     *
     * @param  int  $spot  how many of these parts stand before it
     */
    public function movedSpot(int $spot, self $after): int
    {
        $places = array_flip(array_map(static fn (Part $part): string => $part->id, $after->list));
        for ($at = min($spot, count($this->list)) - 1; $at >= 0; $at--) {
            if (isset($places[$this->list[$at]->id])) {
                return $places[$this->list[$at]->id] + 1;
            }
        }

        return 0;
    }

    /** In words: "after “Every kite begins …”". */
    public function saysSpot(int $spot): string
    {
        $part = $this->list[$spot - 1] ?? null;

        return match (true) {
            $part === null => $spot === 0 ? 'at the top' : 'at the end',
            default => "after {$part->says()}",
        };
    }

    /**
     * @return list<string> identifiers of the pictures that stand by themselves
     */
    public function pictures(): array
    {
        return array_values(array_unique(array_filter(array_map(static fn (Part $part): ?string => $part->picture, $this->list), static fn (?string $picture): bool => $picture !== null)));
    }

    /**
     * What was changed, in words.
     *
     * @return list<string>
     */
    public function changesTo(self $after): array
    {
        $before = $own = [];
        foreach ($this->list as $part) {
            $before[$part->id] = $part;
        }
        foreach ($after->list as $part) {
            $own[$part->id] = $part;
        }
        $says = [];
        foreach ($own as $id => $part) {
            if (! isset($before[$id])) {
                $says[] = "{$part->says()} put in";
            } elseif ($before[$id]->toArray() !== $part->toArray()) {
                $says[] = $before[$id]->words() === $part->words() ? "{$part->says()} set otherwise" : "{$before[$id]->says()} reworded";
            }
        }
        foreach (array_diff_key($before, $own) as $part) {
            $says[] = "{$part->says()} taken out";
        }
        $both = array_keys(array_intersect_key($before, $own));

        return $both === array_keys(array_intersect_key($own, $before)) ? $says : [...$says, 'parts in another order'];
    }
}
