<?php

declare(strict_types=1);

use Random\Randomizer;
use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\PartKind;
use ZincPane\Core\Site\Parts;
use ZincPane\Core\Site\PartsMerge;

covers(PartsMerge::class);

/* Two people who write on the same page: what each did stays, and only where both wrote the same part is anybody asked. */

/** @param  array<string, string>  $words  by id */
function wordsAs(array $words): Parts
{
    return Parts::of(array_map(static fn (string|int $id, string $html): Part => new Part((string) $id, PartKind::Paragraph, $html), array_keys($words), $words));
}

/** @return array<string, string> */
function wordsOf(Parts $parts): array
{
    return array_combine(array_map(static fn (Part $part): string => $part->id, $parts->list), array_map(static fn (Part $part): string => $part->html, $parts->list));
}

/**
 * Somebody's work on a page.
 *
 * @param  array<string, string>  $words
 * @return array<string, string>
 */
function workedOn(array $words, string $who, Randomizer $dice): array
{
    foreach (array_keys($words) as $id) {
        match ($dice->getInt(0, 5)) {
            0 => $words[$id] = "{$id} by {$who}",
            1 => array_diff_key($words, [$id => 1]) === [] ? null : $words = array_diff_key($words, [$id => 1]),
            default => null,
        };
    }
    for ($new = $dice->getInt(0, 2); $new > 0; $new--) {
        $at = $dice->getInt(0, count($words));
        $words = [...array_slice($words, 0, $at, true), "{$who}{$new}" => "new by {$who}", ...array_slice($words, $at, null, true)];
    }
    if ($dice->getInt(0, 3) === 0) {
        $ids = $dice->shuffleArray(array_keys($words));
        $words = array_combine($ids, array_map(static fn (string $id): string => $words[$id], $ids));
    }

    return $words;
}

it('keeps what each of two did, and says where both did something else', function (): void {
    $dice = dice(61);
    $clashes = 0;
    for ($i = 0; $i < 1500; $i++) {
        $base = [];
        foreach (range(1, $dice->getInt(1, 7)) as $n) {
            $base["p{$n}"] = "words {$n}";
        }
        [$mine, $theirs] = [workedOn($base, 'a', $dice), workedOn($base, 'b', $dice)];
        $merge = PartsMerge::of(wordsAs($base), wordsAs($mine), wordsAs($theirs));
        $result = wordsOf($merge->parts);
        $both = [];
        foreach (array_unique([...array_keys($base), ...array_keys($mine), ...array_keys($theirs)]) as $id) {
            [$was, $a, $b] = [$base[$id] ?? null, $mine[$id] ?? null, $theirs[$id] ?? null];
            // By cases, and by nothing else: who left it as it was has no say; words win over their being taken out.
            $wanted = match (true) {
                $a === $was => $b,
                $b === $was, $a === $b => $a,
                default => $a ?? $b,
            };
            expect($result[$id] ?? null)->toBe($wanted, json_encode([$base, $mine, $theirs]));
            if ($a !== $was && $b !== $was && $a !== $b && $a !== null && $b !== null) {
                $both[] = $b;
            }
        }
        expect(array_map(static fn (Part $part): string => $part->html, $merge->clashes))->toEqualCanonicalizing($both);
        $clashes += count($both);
        // Who moved nothing has no say in the order either; the other's order of what both have stays.
        $common = static fn (array $words): array => array_values(array_intersect(array_keys($words), array_keys($result), array_keys($mine), array_keys($theirs)));
        $order = static fn (array $words): array => array_values(array_intersect(array_keys($words), array_keys($base)));
        $hasMoved = array_values(array_intersect($order($base), array_keys($mine))) !== $order($mine);
        expect($common($result))->toBe($common($hasMoved ? $mine : $theirs));
    }
    expect($clashes)->toBeGreaterThan(20);
});

it('is as one wrote it where the other did nothing, and puts what is new behind what it was put behind', function (): void {
    $dice = dice(62);
    $base = ['p1' => 'One', 'p2' => 'Two', 'p3' => 'Three'];
    for ($i = 0; $i < 300; $i++) {
        $mine = workedOn($base, 'a', $dice);
        foreach ([[$mine, $base], [$base, $mine], [$mine, $mine]] as [$one, $other]) {
            $merge = PartsMerge::of(wordsAs($base), wordsAs($one), wordsAs($other));
            expect(wordsOf($merge->parts))->toBe($mine)->and($merge->clashes)->toBe([]);
        }
    }
    $merge = PartsMerge::of(wordsAs($base), wordsAs(['p1' => 'One', 'n' => 'Mine', 'p2' => 'Two', 'p3' => 'Three']), wordsAs(['t' => 'Top', 'p3' => 'Three', 'p1' => 'One, theirs', 'p2' => 'Two']));
    expect(wordsOf($merge->parts))->toBe(['t' => 'Top', 'p3' => 'Three', 'p1' => 'One, theirs', 'n' => 'Mine', 'p2' => 'Two']);
});
