<?php

declare(strict_types=1);

use Random\Randomizer;
use ZincPane\Core\Changes\AddItems;
use ZincPane\Core\Changes\ArrangeAlbums;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\ChangeAbout;
use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Changes\Clash;
use ZincPane\Core\Changes\FlagItems;
use ZincPane\Core\Changes\Joining;
use ZincPane\Core\Changes\Move;
use ZincPane\Core\Changes\Redesign;
use ZincPane\Core\Changes\RemoveItems;
use ZincPane\Core\Changes\Reorder;
use ZincPane\Core\Changes\Reword;
use ZincPane\Core\Changes\Rewrite;
use ZincPane\Core\Changes\Tidy;
use ZincPane\Core\Changes\Together;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Tidying\Tidied;

covers(
    AddItems::class, ArrangeAlbums::class, ChangeAbout::class, Changes::class, Clash::class, FlagItems::class, Move::class, Redesign::class, RemoveItems::class,
    Reorder::class, Reword::class, Rewrite::class, Tidied::class, Tidy::class, Together::class, GalleryDocument::class, Item::class,
);

/** Some of the items, at least one, in any order. */
function someOf(GalleryDocument $gallery, Randomizer $dice): array
{
    $ids = $dice->shuffleArray(array_map(static fn (Item $item): string => $item->id, $gallery->items));

    return array_slice($ids, 0, $dice->getInt(1, max(1, min(3, count($ids)))));
}

/** Any change that can be made on a gallery, as it comes from a browser or the journal. */
function anyChange(GalleryDocument $gallery, Randomizer $dice): array
{
    $ids = array_map(static fn (Item $item): string => $item->id, $gallery->items);
    $some = someOf($gallery, $dice);
    $flag = $dice->getInt(0, 1) === 1;
    $texts = array_values(array_filter($gallery->items, static fn (Item $item): bool => $item->text !== null));
    $word = [null, '', 'Ветер', '007', 'Two words'][$dice->getInt(0, 4)];

    return match ($dice->getInt(0, 11)) {
        0 => ['kind' => 'about', 'about' => [['title' => "Night {$dice->getInt(1, 9)}"], ['description' => "Long\nlines"], ['shows_title' => $flag], ['shows_description' => $flag]][$dice->getInt(0, 3)]],
        1, 2 => ['kind' => 'design', 'design' => ['layout' => array_intersect_key(anyLayout($dice), array_flip(array_slice($dice->shuffleArray(array_keys(anyLayout($dice))), 0, 2)))]],
        3 => ['kind' => 'words', 'words' => array_fill_keys($some, [['title', 'caption', 'alt', 'credit'][$dice->getInt(0, 3)] => $word])],
        4 => ['kind' => 'words', 'words' => array_fill_keys($some, ['decorative' => [true, false, null][$dice->getInt(0, 2)]])],
        5 => ['kind' => 'move', 'items' => $some, 'before' => array_values(array_diff([...$ids, null], $some))[0] ?? null],
        6 => ['kind' => 'order', 'items' => $dice->shuffleArray($ids)],
        7 => ['kind' => $flag ? 'hide' : 'large', 'items' => $some, $flag ? 'hidden' : 'large' => $dice->getInt(0, 1) === 1],
        8 => $flag ? ['kind' => 'albums', 'albums' => ['list' => array_slice([['id' => 'A2', 'name' => 'Night'], ['id' => 'A1', 'name' => 'Dawn']], 0, $dice->getInt(0, 2)), 'view' => 'tabs']]
            : ['kind' => 'albums', 'of' => array_fill_keys($some, [null, $gallery->albums->list[0]->id ?? null, ($gallery->albums->list[1] ?? null)?->id][$dice->getInt(0, 2)])],
        9 => $texts === [] ? ['kind' => 'remove', 'items' => $some] : ['kind' => 'text', 'item' => $texts[0]->id, 'text' => "<p>{$dice->getInt(1, 9)}</p>"],
        10 => ['kind' => 'tidy', 'pictures' => array_fill_keys(array_map(static fn (string $id): string => "picture-{$id}", $some), [
            ['turn' => $dice->getInt(0, 3)], ['straighten' => $dice->getInt(-15, 15)], ['crop' => [null, ['left' => 0.25, 'top' => 0.1, 'width' => 0.5, 'height' => 0.75]][$dice->getInt(0, 1)]],
            ['focal' => [$dice->getInt(0, 4) / 4, 0.5]], ['brightness' => $dice->getInt(-9, 9), 'contrast' => 5],
        ][$dice->getInt(0, 4)])],
        default => ['kind' => 'remove', 'items' => $some],
    };
}

function writtenAndRead(Change $change): Change
{
    return Changes::parse(json_decode(json_encode($change->toArray(), JSON_THROW_ON_ERROR), true));
}

/** A gallery after some changes. */
function grown(Randomizer $dice): GalleryDocument
{
    $gallery = galleryDocument('abcdefgh');
    for ($i = $dice->getInt(0, 6); $i > 0; $i--) {
        $gallery = Changes::parse(anyChange($gallery, $dice))->appliedTo($gallery);
        if (count($gallery->items) < 3) {
            return galleryDocument('abcdefgh');
        }
    }

    return $gallery;
}

it('is taken back by its inverse, and comes through the journal unchanged', function (int $seed): void {
    $dice = dice($seed);
    for ($trial = 0; $trial < 400; $trial++) {
        $before = grown($dice);
        $change = Changes::parse($said = anyChange($before, $dice));
        $after = $change->appliedTo($before);
        $told = json_encode($said);
        $inverse = $change->inverseFor($before);
        expect($inverse->appliedTo($after)->isSameAs($before))->toBeTrue("{$told} is not taken back")
            ->and(writtenAndRead($inverse)->appliedTo($after)->isSameAs($before))->toBeTrue("the inverse of {$told} changes in the journal")
            ->and(writtenAndRead($change)->appliedTo($before)->isSameAs($after))->toBeTrue("{$told} changes in the journal")
            // And done again after that: the inverse of the inverse.
            ->and($inverse->inverseFor($after)->appliedTo($before)->isSameAs($after))->toBeTrue("{$told} cannot be done again")
            ->and($change->summary($before))->not->toBe('')->and($change->touches())->not->toBe([]);
    }
})->with(sample([1, 2, 3], 1));

it('may follow in either order what touches nothing of the same', function (int $seed): void {
    $dice = dice($seed);
    $apart = $together = 0;
    for ($trial = 0; $trial < 600; $trial++) {
        $before = grown($dice);
        [$mine, $theirs] = [Changes::parse($a = anyChange($before, $dice)), Changes::parse($b = anyChange($before, $dice))];
        if (Clash::between($mine, [$theirs], $theirs->appliedTo($before)) !== []) {
            $together++;

            continue;
        }
        $apart++;
        $one = $mine->appliedTo($theirs->appliedTo($before));
        $told = json_encode($a).' and '.json_encode($b);
        try {
            $other = $theirs->appliedTo($mine->appliedTo($before));
        } catch (ChangeException $exception) {
            $this->fail("{$told}: {$exception->getMessage()}");
        }
        expect($one->isSameAs($other))->toBeTrue($told);
    }
    expect($apart)->toBeGreaterThan(150)->and($together)->toBeGreaterThan(30);
})->with(sample([4, 5], 1));

it('joins steps of the same settings, which come to what the last one wants', function (): void {
    $dice = dice(6);
    $joined = 0;
    for ($trial = 0; $trial < 200; $trial++) {
        $before = galleryDocument();
        $layout = anyLayout($dice);
        $key = array_keys($layout)[$dice->getInt(0, count($layout) - 1)];
        $step = static fn (): Change => Changes::parse(['kind' => 'design', 'design' => ['layout' => [$key => anyLayout($dice)[$key]]]]);
        [$first, $second] = [$step(), $step()];
        expect($second)->toBeInstanceOf(Joining::class);
        $one = $second->joinedTo($first);
        if ($one === null) {
            continue;
        }
        $joined++;
        expect($one->appliedTo($before)->isSameAs($second->appliedTo($first->appliedTo($before))))->toBeTrue($key);
    }
    $gap = Changes::parse(['kind' => 'design', 'design' => ['layout' => ['gap' => 3]]]);
    expect($joined)->toBeGreaterThan(100)
        ->and($gap->joinedTo(Changes::parse(['kind' => 'design', 'design' => ['layout' => ['columns' => 3]]])))->toBeNull()
        ->and($gap->joinedTo(Changes::parse(['kind' => 'about', 'about' => ['title' => 'x']])))->toBeNull();
});

it('joins files that come together and words that are being typed, however they come', function (): void {
    $dice = dice(7);
    for ($trial = 0; $trial < 100; $trial++) {
        $before = galleryDocument();
        $come = static fn (string $ids, string $batch): Joining => AddItems::inTurn(array_map(
            static fn (string $id): array => [new Item($id, "picture-{$id}", ItemWords::none()), [null, $dice->getInt(0, 6)][$dice->getInt(0, 1)]], str_split($ids),
        ))->ofBatch($batch);
        [$first, $second] = [$come('uvw', 'one'), $come('xy', 'one')];
        $one = $second->joinedTo($first);
        $after = $second->appliedTo($first->appliedTo($before));
        expect($one->appliedTo($before)->isSameAs($after))->toBeTrue()
            ->and(writtenAndRead($one)->appliedTo($before)->isSameAs($after))->toBeTrue()
            ->and($one->inverseFor($before)->appliedTo($after)->isSameAs($before))->toBeTrue()
            ->and($second->joinedTo($come('z', 'two')))->toBeNull()->and($second->joinsLate())->toBeTrue();
    }
    $typed = static fn (array $words): Joining => Changes::parse(['kind' => 'words', 'words' => $words]);
    expect($typed(['a' => ['title' => 'Kit']])->joinedTo($typed(['a' => ['title' => 'K']])))->not->toBeNull()
        ->and($typed(['a' => ['title' => 'Kit']])->joinedTo($typed(['b' => ['title' => 'K']])))->toBeNull()
        ->and($typed(['a' => ['title' => 'Kit']])->joinedTo($typed(['a' => ['alt' => 'K']])))->toBeNull()
        ->and($typed(['a' => ['title' => 'K'], 'b' => ['title' => 'K']])->joinedTo($typed(['a' => ['title' => 'K'], 'b' => ['title' => 'K']])))->toBeNull();
});

it('is refused whole where it speaks of what is not there', function (array $said): void {
    expect(fn () => Changes::parse($said)->appliedTo(galleryDocument()))->toThrow(ChangeException::class);
})->with([
    'words of nobody' => [['kind' => 'words', 'words' => ['z' => ['title' => 'x']]]],
    'an unknown word' => [['kind' => 'words', 'words' => ['a' => ['smell' => 'x']]]],
    'a move before nobody' => [['kind' => 'move', 'items' => ['a'], 'before' => 'z']],
    'a move of nobody' => [['kind' => 'move', 'items' => ['z'], 'before' => null]],
    'an order without one' => [['kind' => 'order', 'items' => ['a', 'b']]],
    'an order with one twice' => [['kind' => 'order', 'items' => ['a', 'a', 'b', 'c', 'd', 'e']]],
    'an order with a stranger' => [['kind' => 'order', 'items' => ['a', 'b', 'c', 'd', 'e', 'z']]],
    'one in already' => [['kind' => 'add', 'items' => [['id' => 'a', 'picture' => 'p']]]],
    'neither picture nor text' => [['kind' => 'add', 'items' => [['id' => 'x']]]],
    'hidden or not is not said' => [['kind' => 'hide', 'items' => ['a']]],
    'large by a word' => [['kind' => 'large', 'items' => ['a'], 'large' => 'yes']],
    'an album there is not' => [['kind' => 'albums', 'of' => ['a' => 'A9']]],
    'albums of nothing' => [['kind' => 'albums']],
    'a text for a picture' => [['kind' => 'text', 'item' => 'a', 'text' => '<p>x</p>']],
    'no text' => [['kind' => 'text', 'item' => 'f']],
    'no title' => [['kind' => 'about', 'about' => ['title' => '  ']]],
    'nothing about it' => [['kind' => 'about', 'about' => []]],
    'a picture of nobody' => [['kind' => 'tidy', 'pictures' => ['picture-z' => ['turn' => 1]]]],
    'nothing to tidy' => [['kind' => 'tidy', 'pictures' => ['picture-a' => []]]],
    'more than a change may hold' => [['kind' => 'hide', 'items' => array_fill(0, Changes::MOST + 1, 'a'), 'hidden' => true]],
    'no kind' => [[]],
]);

it('goes back to any point by one act of all that leads there, and that act can be taken back', function (int $seed): void {
    $dice = dice($seed);
    $states = [galleryDocument('abcdef')];
    $back = [];
    for ($i = 0; $i < 14; $i++) {
        $now = $states[$i];
        $change = $now->items === [] ? Changes::parse(['kind' => 'about', 'about' => ['title' => "Empty {$i}"]]) : Changes::parse(anyChange($now, $dice));
        $back[] = $change->inverseFor($now);
        $states[] = $change->appliedTo($now);
    }
    $last = $states[14];
    foreach ([0, 5, 13, $dice->getInt(0, 13)] as $point) {
        $one = Together::of(array_reverse(array_slice($back, $point)), 'went back');
        // As the journal keeps it.
        $kept = Changes::parse(json_decode(json_encode($one->toArray()), true));
        $then = $kept->appliedTo($last);
        expect($then->isSameAs($states[$point]))->toBeTrue("seed {$seed}, back to {$point}")
            ->and($kept->inverseFor($last)->appliedTo($then)->isSameAs($last))->toBeTrue("seed {$seed}, and again from {$point}")
            ->and($kept->summary($last))->toBe('went back');
    }
})->with(sample(range(1, 25), 6));

it('makes of any change one that fits a gallery which lacks some of the items, and leaves alone what fits', function (int $seed): void {
    $dice = dice(1000 + $seed);
    $now = galleryDocument('abcdefgh');
    for ($i = 0; $i < 12 && $now->items !== []; $i++) {
        $change = Changes::parse(anyChange($now, $dice));
        expect(Changes::fitting($change, $now))->toBe($change);
        $gone = someOf($now, $dice);
        $lacks = $now->holding(array_values(array_filter($now->items, static fn (Item $item): bool => ! in_array($item->id, $gone, true))));
        $fitted = Changes::fitting($change, $lacks);
        $after = $fitted->appliedTo($lacks);
        $ids = static fn (GalleryDocument $of): array => array_map(static fn (Item $item): string => $item->id, $of->items);
        expect(array_intersect($ids($after), $gone))->toBe([]);
        // Whoever is there in both has the words and marks that the change itself gives.
        foreach ($change->appliedTo($now)->items as $item) {
            $place = array_search($item->id, $ids($after), true);
            $place === false || in_array($change->toArray()['kind'], ['albums', 'about', 'design'], true) ?: expect($after->items[$place]->words->toArray())->toBe($item->words->toArray());
        }
        $now = $change->appliedTo($now);
    }
})->with(sample(range(1, 25), 6));
