<?php

declare(strict_types=1);

// Every limit at its last value that fits and at the first that does not, with what is said of it.

use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Design\ColumnRule;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\TileShape;
use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Tidying\Crop;
use ZincPane\Core\Tidying\Recipe;
use ZincPane\Core\Wording\Fill;

/** That it is refused, of which field, with which words. */
function refused(Closure $act, string $field, string $message): void
{
    try {
        $act();
    } catch (ChangeException|SettingException $refusal) {
        expect([$refusal->field, $refusal->getMessage()])->toBe([$field, $message])->and($refusal->allowed)->not->toBe('');

        return;
    }
    throw new LogicException("Nothing was refused of {$field}.");
}

it('takes words up to their length, counted in characters', function (string $field, int $longest, bool $hasLines): void {
    $long = $field === 'link' ? '/'.str_repeat('é', $longest - 1) : str_repeat('é', $longest);
    expect(ItemWords::parse([$field => $long])->toArray()[$field])->toBe($long);
    refused(fn () => ItemWords::parse([$field => $long.'x']), "words.{$field}", "words.{$field} takes at most {$longest} characters, got ".($longest + 1).'. Shorten it.');
    refused(fn () => ItemWords::parse([$field => 7]), "words.{$field}", "words.{$field} takes text, got 7.");
    expect(ItemWords::parse([$field => null])->toArray()[$field])->toBeNull()
        ->and(WordField::from($field)->hasLines())->toBe($hasLines);
    if ($field !== 'link') {
        expect(ItemWords::parse([$field => "a\r\nb\rc\u{2028}d"])->toArray()[$field])->toBe($hasLines ? "a\nb\nc\nd" : 'a b c d');
    }
})->with([['title', 200, false], ['caption', 1000, true], ['description', 5000, true], ['alt', 1000, true], ['link', 2000, false], ['credit', 300, false]]);

it('takes out of words what nobody sees, and leaves in what joins letters', function (): void {
    $title = fn (string $text): ?string => ItemWords::parse(['title' => $text])->text(WordField::Title);
    expect($title("  a\u{7}\u{7}b  \t c "))->toBe('a b c')->and($title("क्\u{200D}ष"))->toBe("क्\u{200D}ष")->and($title("می\u{200C}خواهم"))->toBe("می\u{200C}خواهم")
        ->and($title("\xFF"))->toBe('?')->and($title("e\u{301}"))->toBe("\u{e9}")->and($title(''))->toBe('');
});

it('takes links that lead somewhere and do nothing', function (string $given, ?string $kept): void {
    if ($kept === null) {
        refused(fn () => ItemWords::parse(['link' => $given]), 'words.link', "words.link takes an address that begins with https://, http://, mailto:, / or #, got \"{$given}\".");
    } else {
        expect(ItemWords::parse(['link' => $given])->text(WordField::Link))->toBe($kept);
    }
})->with([
    ['https://kites.example/a?b#c', 'https://kites.example/a?b#c'], ['HTTP://KITES.EXAMPLE', 'HTTP://KITES.EXAMPLE'], ['mailto:a@b.example', 'mailto:a@b.example'],
    ['/kites', '/kites'], ['/', '/'], ['#top', '#top'], ['kites.example', 'https://kites.example'], ['www.kites.example/a', 'https://www.kites.example/a'], ['kites.example?x', 'https://kites.example?x'],
    ['javascript:alert(1)', null], ['data:text/html,x', null], ['//evil.example', null], ['/\\evil.example', null], ['https:///evil', null], ['mailto:', null], ['kites', null], ['ftp://kites.example', null], ['https://a b', null], ['a@b.example', null],
]);

it('takes a title and a description up to their length', function (): void {
    $about = About::titled('Kites');
    expect($about->with(['title' => str_repeat('é', 120)])->title)->toBe(str_repeat('é', 120))
        ->and($about->with(['description' => str_repeat('é', 5000)])->description)->toBe(str_repeat('é', 5000))
        ->and($about->with(['title' => " a \n b\u{202E}c "])->title)->toBe('a b c')->and($about->with(['description' => "a\r\nb\u{7}c"])->description)->toBe("a\nb c")
        ->and($about->with(['shows_title' => true])->toArray())->toBe(['title' => 'Kites', 'description' => '', 'shows_title' => true, 'shows_description' => false])
        ->and($about->with(['shows_description' => true])->showsDescription)->toBeTrue()->and($about->with(['description' => ''])->description)->toBe('');
    refused(fn () => $about->with(['title' => str_repeat('é', 121)]), 'title', 'title takes at most 120 characters, got 121. Shorten it.');
    refused(fn () => $about->with(['description' => str_repeat('é', 5001)]), 'description', 'description takes at most 5000 characters, got 5001. Shorten it.');
    refused(fn () => $about->with(['title' => " \n "]), 'title', 'title takes some text; a gallery needs a name to be found by.');
    refused(fn () => $about->with(['title' => null]), 'title', 'title takes text, got nothing.');
    refused(fn () => $about->with(['shows_title' => 1]), 'shows_title', 'shows_title takes true or false, got 1.');
    refused(fn () => $about->with(['mood' => 'x']), 'about.mood', '"mood" is nothing a gallery says of itself; there are the keys title, description, shows_title, shows_description.');
});

it('takes albums up to their number, with names up to their length', function (): void {
    $albums = fn (int $count): array => array_map(static fn (int $i): array => ['id' => "A{$i}", 'name' => "Album {$i}"], range(1, $count));
    $named = fn (string $name, mixed $id = 'A1'): Albums => Albums::parse([['id' => $id, 'name' => $name]], 'tabs');
    expect(Albums::parse($albums(40), 'none')->list)->toHaveCount(40)->and($named(str_repeat('é', 80))->nameOf('A1'))->toBe(str_repeat('é', 80))
        ->and($named(" a \n b ")->nameOf('A1'))->toBe('a b')->and($named('x', str_repeat('a', 26))->has(str_repeat('a', 26)))->toBeTrue()->and($named('x')->has('A2'))->toBeFalse()->and($named('x')->nameOf(null))->toBeNull();
    refused(fn () => Albums::parse($albums(41), 'none'), 'albums', 'A gallery has at most 40 albums, got 41.');
    refused(fn () => $named(str_repeat('x', 81)), 'albums.name', 'An album takes a name of 1 to 80 characters, got "'.str_repeat('x', 59).'…".');
    refused(fn () => $named(' '), 'albums.name', 'An album takes a name of 1 to 80 characters, got "".');
    foreach (['', 'a b', str_repeat('a', 27), 7, null] as $id) {
        refused(fn () => $named('x', $id), 'albums', 'albums takes albums with an id of letters and digits and a name, got array.');
    }
    refused(fn () => Albums::parse(['a' => []], 'tabs'), 'albums', 'albums takes a list of identifiers, got array.');
    refused(fn () => Albums::parse([], null), 'albums.view', 'albums.view takes one of none, headings, tabs, got nothing.');
    refused(fn () => Albums::parse([...$albums(1), ...$albums(1)], 'tabs'), 'albums', 'Two albums have the same id.');
});

it('says of every change that cannot be made what came and what would be allowed', function (array $change, string $field, string $message): void {
    refused(fn () => Changes::asked($change)->appliedTo(galleryDocument('abcdef')), $field, $message);
})->with([
    [['kind' => 'explode'], 'kind', 'kind takes one of about, design, words, move, order, add, remove, hide, large, click, albums, text, tidy, together, got "explode".'],
    [['kind' => 'add', 'items' => [['id' => 'x', 'picture' => 'p']]], 'kind', 'kind takes one of about, design, words, move, order, remove, hide, large, click, albums, text, tidy, got "add".'],
    [['kind' => 'words', 'words' => []], 'words', 'words takes a group of settings, got array.'],
    [['kind' => 'words', 'words' => ['a' => 'x']], 'words', 'words takes a group of settings, got "x".'],
    [['kind' => 'words', 'words' => ['a' => ['mood' => 'x']]], 'words.mood', '"mood" is no word of a picture; there are the fields title, caption, description, alt, link, credit, decorative.'],
    [['kind' => 'words', 'words' => ['z' => ['alt' => 'x']]], 'items', '"z" is not in this gallery; it may have been taken out in another window.'],
    [['kind' => 'move', 'items' => ['a'], 'before' => 7], 'items', '7 is not in this gallery; it may have been taken out in another window.'],
    [['kind' => 'move', 'items' => 'a'], 'items', 'items takes a list of identifiers, got "a".'],
    [['kind' => 'move', 'items' => ['k' => 'a']], 'items', 'items takes a list of identifiers, got array.'],
    [['kind' => 'remove', 'items' => [7]], 'items', 'items takes a list of identifiers, got 7.'],
    [['kind' => 'order', 'items' => ['a', 'b']], 'items', 'items takes every item of the gallery once.'],
    [['kind' => 'order', 'items' => ['a', 'b', 'c', 'd', 'e', 'e']], 'items', 'items takes every item of the gallery once.'],
    [['kind' => 'order', 'items' => ['a', 'b', 'c', 'd', 'e', 'z']], 'items', 'items takes every item of the gallery once.'],
    [['kind' => 'hide', 'items' => ['a']], 'hidden', 'hidden takes true or false, got nothing.'],
    [['kind' => 'large', 'items' => ['a'], 'large' => 'yes'], 'large', 'large takes true or false, got "yes".'],
    [['kind' => 'albums', 'of' => ['a' => 'A9']], 'albums', '"A9" is no album of this gallery; it may have been removed in another window.'],
    [['kind' => 'albums', 'of' => ['a' => 7]], 'albums', 'albums takes albums with an id of letters and digits and a name, got 7.'],
    [['kind' => 'text', 'item' => 'a', 'text' => 'x'], 'item', '"a" is a picture, not a text.'],
    [['kind' => 'text', 'item' => 'f'], 'text', 'text takes text, got nothing.'],
    [['kind' => 'text', 'text' => 'x'], 'items', 'nothing is not in this gallery; it may have been taken out in another window.'],
    [['kind' => 'design'], 'design', 'design takes a group of settings, got nothing.'],
    [['kind' => 'about', 'about' => 'x'], 'about', 'about takes a group of settings, got "x".'],
]);

it('knows a gallery that is the same by what it holds, and one that is not by any part of it', function (): void {
    $of = static fn (array $about = [], array $layout = [], array $albums = [], array $item = []): GalleryDocument => new GalleryDocument(
        About::titled('Kites')->with($about), GalleryDesign::default()->with(['layout' => $layout]), Albums::parse($albums, 'none'),
        [Item::parse(['id' => 'I1', 'picture' => 'P1']), Item::parse(['id' => 'I2', 'picture' => 'P2', ...$item])],
    );
    expect($of()->isSameAs($of()))->toBeTrue();
    foreach ([[['title' => 'Other']], [[], ['gap' => 9]], [[], [], [['id' => 'A', 'name' => 'Morning']]], [[], [], [], ['hidden' => true]], [[], [], [], ['words' => ['title' => '']]]] as $other) {
        expect($of()->isSameAs($of(...$other)))->toBeFalse();
    }
    $shorter = new GalleryDocument($of()->about, $of()->design, $of()->albums, array_slice($of()->items, 0, 1));
    expect($of()->isSameAs($shorter))->toBeFalse()->and($shorter->isSameAs($of()))->toBeFalse();
});

it('takes as an item only what is one', function (): void {
    foreach ([['id' => 'x'], ['picture' => 'p'], ['id' => 'x', 'picture' => 'p', 'text' => 't']] as $none) {
        refused(fn () => Item::parse($none), 'items', 'items takes items with an id and either a picture or a text, got array.');
    }
    $item = Item::parse(['id' => 'x', 'picture' => 'p', 'hidden' => 1, 'large' => true, 'words' => 'none', 'album' => 7]);
    expect([$item->hidden, $item->large, $item->album])->toBe([false, true, null])->and(Item::parse($item->toArray()))->toEqual($item);
    refused(fn () => Changes::parse(['kind' => 'add', 'items' => [['id' => 'a', 'picture' => 'p']]])->appliedTo(galleryDocument('abc')), 'items', '"a" is already in this gallery.');
});

it('takes sizes of tiles by name or in px', function (string $kind, array $named): void {
    $design = designOf(['kind' => $kind, 'column_rule' => 'count']);
    $key = LayoutKind::from($kind)->sizeKey();
    foreach ($named as $name => $px) {
        $made = TileSize::of($name)->in($design);
        expect($made->values()["layout.{$key}"])->toBe($px)
            ->and($made->layout->columnRule)->toBe($key === 'tile_width' ? ColumnRule::Fit : ColumnRule::Count);
    }
    expect(TileSize::of('300')->in($design)->values()["layout.{$key}"])->toBe(300)->and(TileSize::of(80)->in($design)->values()["layout.{$key}"])->toBe(in_array($kind, ['strip', 'slideshow'], true) ? 160 : 80)
        ->and(TileSize::of(800)->in($design)->values()["layout.{$key}"])->toBe(in_array($kind, ['rows', 'mosaic'], true) ? 600 : 800);
})->with([
    ['grid', $tiles = ['small' => 120, 'medium' => 180, 'large' => 270, 'very-large' => 400]], ['masonry', $tiles], ['rows', $tiles], ['mosaic', $tiles],
    ['strip', $strips = ['small' => 240, 'medium' => 360, 'large' => 500, 'very-large' => 680]], ['slideshow', $strips],
]);

it('refuses sizes of tiles that are none', function (): void {
    foreach ([79, 801, '79', '801'] as $px) {
        refused(fn () => TileSize::of($px), 'tile_size', 'tile_size takes a whole number from 80 to 800 px, got '.(int) $px.'.');
    }
    foreach (['huge', '080', '1e3', '', '12345', 8.5, true, null] as $none) {
        expect(fn () => TileSize::of($none))->toThrow(SettingException::class, 'one of small, medium, large, very-large, 80 to 800');
    }
    expect(TileSize::of('large')->in(designOf(['kind' => 'single'])))->toEqual(designOf(['kind' => 'single']));
});

it('takes shapes of whole numbers up to five to one', function (): void {
    foreach (['1:1', '5:1', '1:5', '99:98', '20:99'] as $shape) {
        [$width, $height] = explode(':', $shape);
        expect(TileShape::of('shape', $shape)->ratio->value)->toEqualWithDelta($width / $height, 1e-9);
    }
    foreach (['5:0', '0:5', '6:1', '1:6', '19:99', '100:99', '1.5:1', '3:2 ', "3:2\n", '', '3'] as $none) {
        expect(fn () => TileShape::of('shape', $none))->toThrow(SettingException::class, 'one of own, 1:1, 4:3, 3:2, 16:9, 2:3, any other from 1:5 to 5:1');
    }
    expect([TileShape::of('s', '2:2')->label(), TileShape::of('s', 'own')->label(), TileShape::of('s', '5:4')->label()])->toBe(['square', 'own shapes', '5:4']);
});

it('takes recipes up to the ends of their ranges', function (array $part, ?string $message): void {
    $message === null ? expect(Recipe::fromArray($part)->toArray())->toMatchArray($part) : expect(fn () => Recipe::fromArray($part))->toThrow(SettingException::class, $message);
})->with([
    [['turn' => 3], null], [['turn' => 4], 'recipe.turn takes a whole number from 0 to 3 quarter turns, got 4.'], [['turn' => -1], 'from 0 to 3'], [['straighten' => 15.0], null], [['straighten' => -15.0], null],
    [['straighten' => 15.1], 'recipe.straighten takes a number from -15 to 15 degrees, got 15.1.'], [['brightness' => 100], null], [['brightness' => -100], null], [['brightness' => -101], 'from -100 to 100'],
    [['contrast' => 101], 'recipe.contrast takes a whole number from -100 to 100, got 101.'], [['hue' => 1], '"hue" is not a setting of recipe; it has the keys turn, straighten, crop, brightness, contrast, words, free.'],
    [['crop' => ['left' => 0.95, 'top' => 0.95, 'width' => 0.05, 'height' => 0.05]], null], [['crop' => ['left' => 0.951]], 'recipe.crop.left takes a number from 0 to 0.95'], [['crop' => ['width' => 0.049]], 'recipe.crop.width takes a number from 0.05'],
]);

it('takes a crop that slipped a hair over the edge', function (): void {
    expect(Crop::fromArray(['left' => 0.5, 'width' => 0.5009])->toArray())->toBe(['left' => 0.5, 'top' => 0.0, 'width' => 0.5, 'height' => 1.0])
        ->and(fn () => Crop::fromArray(['left' => 0.5, 'width' => 0.502]))->toThrow(SettingException::class)
        ->and(Crop::fromArray(['left' => 0.25])->width)->toBe(0.75)
        ->and([Crop::fromArray([])->isWhole(), Crop::fromArray(['width' => 0.9999])->isWhole(), Crop::fromArray(['height' => 0.9999])->isWhole(), Crop::fromArray(['width' => 0.9999, 'height' => 0.9999])->isWhole()])->toBe([true, false, false, false]);
});

it('knows what of a recipe keeps the shape, and what is nothing at all', function (): void {
    $of = fn (array $part): array => [Recipe::fromArray($part)->keepsShape(), Recipe::fromArray($part)->isPlain(), Recipe::fromArray($part)->leavesPicture()];
    expect([$of([]), $of(['brightness' => 5]), $of(['turn' => 2]), $of(['straighten' => 0.1]), $of(['straighten' => 0.04]), $of(['crop' => ['left' => 0.1]]), $of(['words' => true])])
        ->toBe([[true, true, true], [true, false, false], [false, false, false], [false, false, false], [true, true, true], [false, false, false], [true, false, true]]);
});

it('takes fillings up to their lengths', function (): void {
    $long = str_repeat('é', 2000);
    expect(Fill::fromArray(['text' => $long, 'find' => $long, 'act' => 'replace', 'from' => 100000])->applied([['text' => "a{$long}b", 'values' => []]]))->toBe([null])
        ->and(Fill::fromArray(['from' => 0, 'text' => '{number}/{count}'])->applied([['text' => '', 'values' => []], ['text' => '1/2', 'values' => []]]))->toBe(['0/2', null]);
    foreach (['text', 'find'] as $key) {
        refused(fn () => Fill::fromArray([$key => $long.'x']), "fill.{$key}", "fill.{$key} takes text of at most 2000 characters, got \"".str_repeat('é', 59).'…".');
    }
    refused(fn () => Fill::fromArray(['from' => 100001]), 'fill.from', 'fill.from takes a whole number from 0 to 100000, got 100001.');
    refused(fn () => Fill::fromArray(['only_empty' => 1]), 'fill.only_empty', 'fill.only_empty takes true or false, got 1.');
    refused(fn () => Fill::fromArray(['act' => 'replace']), 'fill.find', 'fill.find takes some text; there is nothing to replace without it.');
    refused(fn () => Fill::fromArray(['text' => '{mood}']), 'text', 'text takes one of {title}, {number}, {count}, {date}, {album}, {camera}, {file}, got "{mood}".');
});
