<?php

declare(strict_types=1);

use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Ordering\Internal\NearestApart;
use ZincPane\Core\Ordering\LookAlikesApart;
use ZincPane\Core\Ordering\Orderable;

covers(LookAlikesApart::class, NearestApart::class);

/** Pictures of which those with the same letter look alike; a dot looks like nothing else. */
function pile(string $letters): array
{
    $dice = dice(7);
    $looks = [];

    return array_map(static function (string $letter) use (&$looks, $dice): Orderable {
        $look = $letter === '.' ? bin2hex($dice->getBytes(8)) : $looks[$letter] ??= bin2hex($dice->getBytes(8));

        return new Orderable($letter, null, Ratio::of(3, 2), Oklab::fromRgb(0), PerceptualHash::parse($look));
    }, str_split($letters));
}

function inOrder(string $letters): string
{
    return implode('', array_map(static fn (int $i): string => $letters[$i], (new LookAlikesApart)->arrange(pile($letters))));
}

function sideBySide(string $drawn): int
{
    return (int) preg_match_all('/([a-z])(?=\\1)/', $drawn);
}

/** How many places all were moved together. */
function places(array $order): int
{
    return array_sum(array_map(static fn (int $thing, int $place): int => abs($thing - $place), $order, array_keys($order)));
}

it('leaves alone what needs no parting, and what cannot be parted', function (): void {
    expect(inOrder('abcabc'))->toBe('abcabc')->and(inOrder('.'))->toBe('.')->and(inOrder('aaaa'))->toBe('aaaa')->and(inOrder('aaabc'))->toBe('abaca');
});

it('parts look-alikes whenever that can be, in the nearest of all orders', function (): void {
    $dice = dice(3);
    $permutations = static function (array $rest, array $done = []) use (&$permutations): Generator {
        if ($rest === []) {
            yield $done;
        }
        foreach ($rest as $k => $one) {
            $left = $rest;
            unset($left[$k]);
            yield from $permutations($left, [...$done, $one]);
        }
    };
    for ($trial = 0; $trial < trials(40, 15); $trial++) {
        $letters = implode('', array_map(static fn (): string => 'aabbc.'[$dice->getInt(0, 5)], range(1, $dice->getInt(3, 7))));
        $fewest = [INF, INF];
        foreach ($permutations(range(0, strlen($letters) - 1)) as $order) {
            $fewest = min($fewest, [sideBySide(implode('', array_map(static fn (int $i): string => $letters[$i], $order))), places($order)]);
        }
        $ours = (new LookAlikesApart)->arrange(pile($letters));
        expect([sideBySide(implode('', array_map(static fn (int $i): string => $letters[$i], $ours))), places($ours)])->toBe($fewest, $letters);
    }
});

it('parts larger piles: pairs side by side, groups of three, one of nearly half', function (string $letters): void {
    $dice = dice(11);
    for ($trial = 0; $trial < trials(25, 4); $trial++) {
        $drawn = inOrder($letters);
        expect(sideBySide($drawn))->toBe(0, "{$letters} became {$drawn}")->and(count_chars($drawn, 1))->toBe(count_chars($letters, 1));
        $letters = implode('', $dice->shuffleArray(str_split($letters)));
    }
})->with([
    'eleven pairs' => ['aabbccddeeffgghhiijjkk'], 'three among nine' => ['......aaa'], 'fours' => ['aaaabbbbccccdddd'], 'half of all' => ['aaaaaaaaaaaa............'],
    'half and one' => ['aaaaaaaaaaaaa............'], 'two halves' => ['aaaaaaaaaabbbbbbbbbb'], 'one of each and a pair' => ['...............aa...............'], 'nearly half at the end' => ['.......................aaaaaaaaaaaaaaaaaaaaa'],
]);

it('moves little where little is to be parted', function (): void {
    expect(places((new LookAlikesApart)->arrange(pile('...............aa...............'))))->toBeLessThanOrEqual(2)
        ->and(places((new LookAlikesApart)->arrange(pile('aabbccddeeffgghhiijjkk'))))->toBeLessThanOrEqual(22);
});

it('moves two neighbours and nothing else where that parts a pair, however many there are', function (): void {
    $dice = dice(31);
    for ($trial = 0; $trial < trials(120, 40); $trial++) {
        $count = $dice->getInt(14, 60);
        $at = $dice->getInt(0, $count - 2);
        $letters = substr_replace(str_repeat('.', $count), 'aa', $at, 2);
        $order = (new LookAlikesApart)->arrange(pile($letters));
        $drawn = implode('', array_map(static fn (int $i): string => $letters[$i], $order));
        expect(sideBySide($drawn))->toBe(0, $letters)->and(places($order))->toBe(2);
    }
});
