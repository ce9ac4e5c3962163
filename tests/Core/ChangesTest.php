<?php

declare(strict_types=1);

use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Changes\Clash;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\WordField;

covers(Changes::class);

function idsOf(GalleryDocument $gallery): string
{
    return implode('', array_map(static fn (Item $item): string => $item->id, $gallery->items));
}

it('is taken back by its inverse, and both survive the journal', function (array $values): void {
    $before = galleryDocument('abcdef');
    $change = Changes::parse($values);
    $after = $change->appliedTo($before);
    $inverse = $change->inverseFor($before);
    expect($after)->not->toEqual($before)
        ->and($inverse->appliedTo($after))->toEqual($before)
        ->and(Changes::parse(json_decode(json_encode($inverse->toArray()), true))->appliedTo($after))->toEqual($before)
        ->and(Changes::parse(json_decode(json_encode($change->toArray()), true))->appliedTo($before))->toEqual($after)
        ->and($change->summary($before))->not->toBe('');
})->with([
    'another title' => [['kind' => 'about', 'about' => ['title' => 'Night flying']]],
    'another design' => [['kind' => 'design', 'design' => ['layout' => ['columns' => 5, 'gap' => 0, 'shape' => 'own']]]],
    'words' => [['kind' => 'words', 'words' => ['c' => ['title' => '', 'alt' => 'A kite']]]],
    'own words again' => [['kind' => 'words', 'words' => ['c' => ['title' => null]]]],
    'moved forward' => [['kind' => 'move', 'items' => ['e', 'b'], 'before' => 'a']],
    'moved to the end' => [['kind' => 'move', 'items' => ['a', 'd'], 'before' => null]],
    'turned round' => [['kind' => 'order', 'items' => ['f', 'e', 'd', 'c', 'b', 'a']]],
    'two taken out' => [['kind' => 'remove', 'items' => ['e', 'b']]],
    'all taken out' => [['kind' => 'remove', 'items' => ['a', 'b', 'c', 'd', 'e', 'f']]],
    'another description, shown' => [['kind' => 'about', 'about' => ['description' => 'Long', 'shows_description' => true]]],
    'words of several' => [['kind' => 'words', 'words' => ['a' => ['alt' => 'One'], 'b' => ['alt' => 'Two', 'decorative' => true, 'link' => 'https://saltreed.example/']]]],
    'hidden and shown' => [['kind' => 'hide', 'items' => ['a', 'd'], 'hidden' => true]],
    'an album gone' => [['kind' => 'albums', 'albums' => ['list' => [['id' => 'A2', 'name' => 'Night']], 'view' => 'tabs']]],
    'into another album' => [['kind' => 'albums', 'of' => ['a' => 'A2', 'e' => 'A2', 'b' => null]]],
    'a text rewritten' => [['kind' => 'text', 'item' => 'f', 'text' => '<p>Bye</p>']],
    'a text put in' => [['kind' => 'add', 'items' => [['id' => 'x', 'text' => '<p>New</p>', 'words' => ['title' => 'News'], 'hidden' => true]]]],
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
            $moved = idsOf(Changes::parse(['kind' => 'move', 'items' => $chosen, 'before' => $before])->appliedTo(galleryDocument('abcdef')));
            expect(count_chars($moved, 3))->toBe('abcdef')
                ->and($moved)->toContain(implode('', $chosen).$before);
        }
    }
});

it('refuses what cannot be', function (array $values, string $field): void {
    expect(fn () => Changes::parse($values)->appliedTo(galleryDocument('abc')))
        ->toThrow(fn (ChangeException $exception) => expect($exception->field)->toBe($field)->and($exception->allowed)->not->toBe(''));
})->with([
    'an unknown kind' => [['kind' => 'explode'], 'kind'],
    'no kind' => [[], 'kind'],
    'an empty title' => [['kind' => 'about', 'about' => ['title' => " \u{0} "]], 'title'],
    'a title too long' => [['kind' => 'about', 'about' => ['title' => str_repeat('x', 121)]], 'title'],
    'an unknown item' => [['kind' => 'words', 'words' => ['z' => ['alt' => 'x']]], 'items'],
    'an unknown word' => [['kind' => 'words', 'words' => ['a' => ['colour' => 'x']]], 'words.colour'],
    'words that are a list' => [['kind' => 'words', 'words' => ['a' => ['alt' => ['x']]]], 'words.alt'],
    'alt text too long' => [['kind' => 'words', 'words' => ['a' => ['alt' => str_repeat('é', 1001)]]], 'words.alt'],
    'moved before nothing known' => [['kind' => 'move', 'items' => ['a'], 'before' => 'z'], 'items'],
    'an order that lacks one' => [['kind' => 'order', 'items' => ['a', 'b']], 'items'],
    'an order with one twice' => [['kind' => 'order', 'items' => ['a', 'b', 'b']], 'items'],
    'an unknown word of the gallery' => [['kind' => 'about', 'about' => ['colour' => 'x']], 'about.colour'],
    'a link that is a script' => [['kind' => 'words', 'words' => ['a' => ['link' => 'javascript:alert(1)']]], 'words.link'],
    'a link that looks like one of this site' => [['kind' => 'words', 'words' => ['a' => ['link' => '//evil.example/']]], 'words.link'],
    'decorative that is text' => [['kind' => 'words', 'words' => ['a' => ['decorative' => 'yes']]], 'words.decorative'],
    'an album that is not there' => [['kind' => 'albums', 'of' => ['a' => 'A9']], 'albums'],
    'an album without a name' => [['kind' => 'albums', 'albums' => ['list' => [['id' => 'A1', 'name' => ' ']], 'view' => 'tabs']], 'albums.name'],
    'an album twice' => [['kind' => 'albums', 'albums' => ['list' => [['id' => 'A1', 'name' => 'x'], ['id' => 'A1', 'name' => 'y']], 'view' => 'tabs']], 'albums'],
    'albums shown as nobody knows' => [['kind' => 'albums', 'albums' => ['list' => [], 'view' => 'carousel']], 'albums.view'],
    'a picture rewritten as text' => [['kind' => 'text', 'item' => 'a', 'text' => '<p>x</p>'], 'item'],
    'an item that is nothing' => [['kind' => 'add', 'items' => [['id' => 'x']]], 'items'],
    'an item put in twice' => [['kind' => 'add', 'items' => [['id' => 'a', 'picture' => 'p']]], 'items'],
    'items that are text' => [['kind' => 'remove', 'items' => 'a'], 'items'],
]);

it('keeps words plain', function (): void {
    $words = ItemWords::parse(['caption' => "  two\r\nlines\u{7}\u{202e} e\u{301}  "]);
    expect($words->text(WordField::Caption))->toBe("two\nlines \u{e9}")
        ->and(ItemWords::parse(['link' => 'saltreed.example/kites'])->text(WordField::Link))->toBe('https://saltreed.example/kites');
});

it('tells two windows apart: what touches nothing in common follows in either order', function (array $mine, array $theirs, ?string $label): void {
    $before = galleryDocument('abcdef');
    [$mine, $theirs] = [Changes::parse($mine), Changes::parse($theirs)];
    $clashes = Clash::between($mine, [$theirs], $theirs->appliedTo($before));
    if ($label === null) {
        expect($clashes)->toBe([])->and($mine->appliedTo($theirs->appliedTo($before)))->toEqual($theirs->appliedTo($mine->appliedTo($before)));
    } else {
        expect($clashes[0]->label)->toBe($label)->and($clashes[0]->mine)->not->toBe($clashes[0]->theirs);
    }
})->with([
    'gap and columns' => [['kind' => 'design', 'design' => ['layout' => ['gap' => 3]]], ['kind' => 'design', 'design' => ['layout' => ['columns' => 6]]], null],
    'columns twice' => [['kind' => 'design', 'design' => ['layout' => ['columns' => 3]]], ['kind' => 'design', 'design' => ['layout' => ['columns' => 6]]], 'how many columns'],
    'two alt texts' => [['kind' => 'words', 'words' => ['a' => ['alt' => 'x']]], ['kind' => 'words', 'words' => ['b' => ['alt' => 'y']]], null],
    'one alt text twice' => [['kind' => 'words', 'words' => ['a' => ['alt' => 'x']]], ['kind' => 'words', 'words' => ['a' => ['alt' => 'y']]], 'alt text'],
    'words of what was taken out' => [['kind' => 'words', 'words' => ['a' => ['alt' => 'x']]], ['kind' => 'remove', 'items' => ['a']], 'alt text'],
    'words and a move' => [['kind' => 'words', 'words' => ['a' => ['alt' => 'x']]], ['kind' => 'move', 'items' => ['a'], 'before' => null], null],
    'a move and a whole order' => [['kind' => 'move', 'items' => ['a'], 'before' => 'c'], ['kind' => 'order', 'items' => ['f', 'e', 'd', 'c', 'b', 'a']], 'its place'],
]);
