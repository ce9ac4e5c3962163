<?php

declare(strict_types=1);

use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;

covers(Changes::class);

function documentOf(string $ids): GalleryDocument
{
    return new GalleryDocument('Kites', GalleryDesign::default(), array_map(
        static fn (string $id): Item => new Item($id, "picture-{$id}", ItemWords::parse(['title' => "Title {$id}"])),
        str_split($ids),
    ));
}

function idsOf(GalleryDocument $gallery): string
{
    return implode('', array_map(static fn (Item $item): string => $item->id, $gallery->items));
}

it('is taken back by its inverse, and both survive the journal', function (array $values): void {
    $before = documentOf('abcdef');
    $change = Changes::parse($values);
    $after = $change->appliedTo($before);
    $inverse = $change->inverseFor($before);
    expect($after)->not->toEqual($before)
        ->and($inverse->appliedTo($after))->toEqual($before)
        ->and(Changes::parse(json_decode(json_encode($inverse->toArray()), true))->appliedTo($after))->toEqual($before)
        ->and(Changes::parse(json_decode(json_encode($change->toArray()), true))->appliedTo($before))->toEqual($after)
        ->and($change->summary())->not->toBe('');
})->with([
    'another title' => [['kind' => 'rename', 'title' => 'Night flying']],
    'another design' => [['kind' => 'design', 'design' => ['layout' => ['columns' => 5, 'gap' => 0, 'shape' => 'own']]]],
    'words' => [['kind' => 'words', 'item' => 'c', 'words' => ['title' => '', 'alt' => 'A kite']]],
    'own words again' => [['kind' => 'words', 'item' => 'c', 'words' => ['title' => null]]],
    'moved forward' => [['kind' => 'move', 'items' => ['e', 'b'], 'before' => 'a']],
    'moved to the end' => [['kind' => 'move', 'items' => ['a', 'd'], 'before' => null]],
    'turned round' => [['kind' => 'order', 'items' => ['f', 'e', 'd', 'c', 'b', 'a']]],
    'two taken out' => [['kind' => 'remove', 'items' => ['e', 'b']]],
    'all taken out' => [['kind' => 'remove', 'items' => ['a', 'b', 'c', 'd', 'e', 'f']]],
    'two put in' => [['kind' => 'add', 'items' => [['id' => 'x', 'picture' => 'p'], ['id' => 'y', 'picture' => 'q', 'at' => 1]]]],
]);

it('keeps every item whatever is moved where', function (): void {
    $letters = str_split('abcdef');
    foreach (range(1, 63) as $mask) {
        $chosen = array_values(array_filter($letters, static fn (int $i): bool => (bool) ($mask >> $i & 1), ARRAY_FILTER_USE_KEY));
        foreach ([...$letters, null] as $before) {
            if (in_array($before, $chosen, true)) {
                continue;
            }
            $moved = idsOf(Changes::parse(['kind' => 'move', 'items' => $chosen, 'before' => $before])->appliedTo(documentOf('abcdef')));
            expect(count_chars($moved, 3))->toBe('abcdef')
                ->and($moved)->toContain(implode('', $chosen).$before);
        }
    }
});

it('refuses what cannot be', function (array $values, string $field): void {
    expect(fn () => Changes::parse($values)->appliedTo(documentOf('abc')))
        ->toThrow(fn (ChangeException $exception) => expect($exception->field)->toBe($field)->and($exception->allowed)->not->toBe(''));
})->with([
    'an unknown kind' => [['kind' => 'explode'], 'kind'],
    'no kind' => [[], 'kind'],
    'an empty title' => [['kind' => 'rename', 'title' => " \u{0} "], 'title'],
    'a title too long' => [['kind' => 'rename', 'title' => str_repeat('x', 121)], 'title'],
    'an unknown item' => [['kind' => 'words', 'item' => 'z', 'words' => ['alt' => 'x']], 'items'],
    'an unknown word' => [['kind' => 'words', 'item' => 'a', 'words' => ['colour' => 'x']], 'words.colour'],
    'words that are a list' => [['kind' => 'words', 'item' => 'a', 'words' => ['alt' => ['x']]], 'words.alt'],
    'alt text too long' => [['kind' => 'words', 'item' => 'a', 'words' => ['alt' => str_repeat('é', 1001)]], 'words.alt'],
    'moved before nothing known' => [['kind' => 'move', 'items' => ['a'], 'before' => 'z'], 'items'],
    'an order that lacks one' => [['kind' => 'order', 'items' => ['a', 'b']], 'items'],
    'an order with one twice' => [['kind' => 'order', 'items' => ['a', 'b', 'b']], 'items'],
    'an item put in twice' => [['kind' => 'add', 'items' => [['id' => 'a', 'picture' => 'p']]], 'items'],
    'items that are text' => [['kind' => 'remove', 'items' => 'a'], 'items'],
]);

it('keeps words plain', function (): void {
    $words = ItemWords::parse(['caption' => "  two\r\nlines\u{7}\u{202e} e\u{301}  "]);
    expect($words->caption)->toBe("two\nlines \u{e9}");
});
