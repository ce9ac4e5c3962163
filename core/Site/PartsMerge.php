<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

/** What two people made of the same parts, together: who left a part as it was has no say in it. */
final readonly class PartsMerge
{
    /**
     * @param  list<Part>  $clashes  parts that both wrote otherwise, as the other has them; in the merge they are mine
     */
    private function __construct(public Parts $parts, public array $clashes)
    {
    }

    /**
     * @param  Parts  $base  as both saw them
     *
     * @throws SiteException when they are too many together
     */
    public static function of(Parts $base, Parts $mine, Parts $theirs): self
    {
        [$was, $own, $other] = [self::byId($base), self::byId($mine), self::byId($theirs)];
        $parts = $clashes = [];
        foreach (self::order($was, $own, $other) as $id) {
            [$before, $one, $two] = [$was[$id] ?? null, $own[$id] ?? null, $other[$id] ?? null];
            $isMineOther = ! self::isSame($before, $one);
            $isTheirsOther = ! self::isSame($before, $two);
            // Words win over their being taken out: nobody's are lost.
            $part = $isMineOther && $isTheirsOther ? $one ?? $two : ($isMineOther ? $one : $two);
            if ($isMineOther && $isTheirsOther && $one !== null && $two !== null && ! self::isSame($one, $two)) {
                $clashes[] = $two;
            }
            if ($part !== null) {
                $parts[] = $part;
            }
        }

        return new self(Parts::of($parts), $clashes);
    }

    /**
     * @return array<string, Part>
     */
    private static function byId(Parts $parts): array
    {
        return array_combine(array_map(static fn (Part $part): string => $part->id, $parts->list), $parts->list);
    }

    private static function isSame(?Part $one, ?Part $other): bool
    {
        return $one?->toArray() === $other?->toArray();
    }

    /**
     * Of who moved something, mine before theirs; what only the other knows stands behind what it stood behind there.
     *
     * @param  array<string, Part>  $was
     * @param  array<string, Part>  $own
     * @param  array<string, Part>  $other
     * @return list<string> identifiers
     */
    private static function order(array $was, array $own, array $other): array
    {
        $hasMoved = array_keys(array_intersect_key($was, $own)) !== array_keys(array_intersect_key($own, $was));
        [$spine, $rest] = $hasMoved ? [$own, $other] : [$other, $own];
        $order = array_keys($spine);
        $behind = null;
        foreach (array_keys($rest) as $id) {
            if (! isset($spine[$id])) {
                $at = $behind === null ? 0 : (int) array_search($behind, $order, true) + 1;
                array_splice($order, $at, 0, [$id]);
            }
            $behind = $id;
        }

        return array_map(strval(...), $order);
    }
}
