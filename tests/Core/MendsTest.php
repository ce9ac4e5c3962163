<?php

declare(strict_types=1);

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Snags\Around;
use ZincPane\Core\Snags\AtHand;
use ZincPane\Core\Snags\GallerySnags;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Kinds;
use ZincPane\Core\Snags\LayoutSnags;
use ZincPane\Core\Snags\Snag;
use ZincPane\Core\Snags\Standing;

covers(GallerySnags::class, Kinds::class);

// What snags of a whole gallery say, and what is offered to mend them.

/** A gallery of so many pictures that all say the same kind of thing, and weigh the same. */
function tripping(int $count, array $words, array $design, Around $around = new Around, int $bytes = 20_000): GallerySnags
{
    $items = $atHand = [];
    for ($i = 0; $i < $count; $i++) {
        $id = sprintf('item%04d', $i);
        $items[] = new Item($id, "p{$i}", ItemWords::parse(array_map(static fn (string $text): string => str_replace('%', (string) $i, $text), $words)));
        $atHand[$id] = new AtHand(new Subject(Ratio::of(3, 2), Size::of(3000, 2000), FocalPoint::centre(), array_fill_keys([160, 360, 540, 1080, 2160, 3000], $bytes)), new Words);
    }

    return new GallerySnags(new Inspected(new GalleryDocument(About::titled('Kites'), GalleryDesign::default()->with($design), Albums::none(), $items), $atHand, $around, Viewport::wide(1120), Viewport::phone(354)));
}

it('says what mends it, where something does', function (GallerySnags $snags, string $code, string $says, array $mends): void {
    $known = array_combine(array_map(static fn (Snag $snag): string => $snag->code, $snags->open()), $snags->open());
    expect(array_keys($known))->toContain($code)->and($known[$code]->says)->toBe($says)
        ->and(array_map(static fn ($mend): array => [$mend->label, $mend->change?->toArray()], $known[$code]->mends))->toBe($mends);
})->with([
    'captions that four lines hold' => [
        fn () => tripping(4, ['alt' => 'Kite number % over the marsh', 'caption' => 'The kite with the long tail that flew all day above the dyke and came down in the creek at six, where two boys found it'], ['layout' => ['columns' => 4, 'phone' => ['columns' => 1]], 'finish' => ['captions' => ['place' => 'below', 'lines' => 2]]]),
        'caption-too-long', 'The captions of 4 pictures are longer than 2 lines, and are cut.', [['Give captions 3 lines', ['kind' => 'design', 'design' => ['finish' => ['captions' => ['lines' => 3]]]]]],
    ],
    'a heavy gallery' => [
        fn () => tripping(120, ['alt' => 'Kite number % over the marsh'], ['layout' => ['columns' => 4]], new Around([new Standing('p', 'Long Wind Day', true)]), 150_000),
        'heavy-page', '“Long Wind Day” weighs 18 MB on a phone, once all of it was looked at.', array_map(static fn (int $rows): array => ["Show {$rows} rows at first", ['kind' => 'design', 'design' => ['layout' => ['initial_view' => 'rows', 'initial_rows' => $rows]]]], [12, 6]),
    ],
    'what is heard twice' => [
        fn () => tripping(1, ['title' => 'Low tide', 'alt' => 'Boats at rest', 'caption' => 'Boats at rest'], []),
        'alt-same-as-caption', 'The alt text of “Low tide” is the same as the caption and would be heard twice.', [['Use its title', ['kind' => 'words', 'words' => ['item0000' => ['alt' => 'Low tide']]]]],
    ],
    'titles that serve, and one that does not' => [
        fn () => tripping(1, ['title' => 'IMG_2001', 'alt' => ''], []), 'alt-missing', '“IMG_2001” has no alt text: who cannot see it is told nothing.', [],
    ],
    'titles that are the same' => [
        fn () => tripping(2, ['title' => 'Low tide', 'alt' => ''], []), 'alt-missing', '2 pictures have no alt text: who cannot see them is told nothing.', [],
    ],
    'words in front' => [
        fn () => tripping(2, ['title' => 'T', 'alt' => 'Picture of the % boats'], []), 'alt-filler', 'The alt texts of 2 pictures begin with words like “image of”, which a screen reader says already.',
        [['Leave those words out', ['kind' => 'words', 'words' => ['item0000' => ['alt' => 'The 0 boats'], 'item0001' => ['alt' => 'The 1 boats']]]]],
    ],
]);

it('finds links to nowhere in texts too, and offers nothing that would not mend them', function (): void {
    $items = [new Item('t', null, ItemWords::none(), '<p>See <a href="/gone?x=1&amp;y=2">there</a>, <a href="/kites#top">here</a> and <a href="https://saltreed.example/gone">elsewhere</a>.</p>'), new Item('p', 'p', ItemWords::parse(['link' => '/gone', 'title' => 'Low tide', 'alt' => 'Boats']))];
    $snags = (new GallerySnags(new Inspected(new GalleryDocument(About::titled('Kites'), GalleryDesign::default(), Albums::none(), $items), [
        't' => new AtHand(Subject::notAPicture(Ratio::of(4, 3)), new Words, isText: true), 'p' => new AtHand(new Subject(Ratio::of(3, 2), Size::of(3000, 2000), FocalPoint::centre()), new Words),
    ], new Around([], ['/', '/kites']), Viewport::wide(1120), Viewport::phone(354))))->open();
    $snag = array_values(array_filter($snags, static fn (Snag $one): bool => $one->code === 'leads-nowhere'))[0];
    expect($snag->says)->toBe('2 lead nowhere: a text leads to /gone?x=1&y=2, and the site has no such page.')->and($snag->items)->toBe(['t', 'p'])->and($snag->mends)->toBe([]);
});

it('hides pictures that are too small for any layout, where others are left and stand as well without them', function (): void {
    $items = $atHand = [];
    foreach ([3000, 3000, 60, 3000, 3000, 60] as $i => $width) {
        $items[] = new Item("item{$i}", "p{$i}", ItemWords::parse(['alt' => "Kite number {$i} over the marsh"]));
        $atHand["item{$i}"] = new AtHand(new Subject(Ratio::of(3, 2), Size::of($width, intdiv(2 * $width, 3)), FocalPoint::centre(), [60 => 3000, 3000 => 20_000]), new Words);
    }
    $look = static fn (array $all, array $layout): array => array_map(static fn ($mend): array => [$mend->label, $mend->change?->toArray()], array_column((new GallerySnags(new Inspected(
        new GalleryDocument(About::titled('Kites'), GalleryDesign::default()->with(['layout' => $layout]), Albums::none(), $all), $atHand, new Around, Viewport::wide(1120), Viewport::phone(354),
    )))->open(), 'mends', 'code')['picture-too-small']);
    expect($look($items, ['kind' => 'grid', 'columns' => 4]))->toBe([['Hide these 2', ['kind' => 'hide', 'items' => ['item2', 'item5'], 'hidden' => true]]])
        ->and($look([$items[0], $items[1], $items[2]], ['kind' => 'grid', 'columns' => 3]))->toBe([['Hide it', ['kind' => 'hide', 'items' => ['item2'], 'hidden' => true]]])
        ->and($look([$items[2], $items[5]], ['kind' => 'grid', 'columns' => 2]))->toBe([]);
});

it('knows a name for every kind', function (): void {
    $codes = [...array_map(static fn ($rule): string => $rule->code(), GallerySnags::rules()), ...array_map(static fn ($rule): string => $rule->code(), LayoutSnags::rules())];
    $names = array_map(Kinds::name(...), $codes);
    expect(array_unique($codes))->toHaveCount(count($codes))->and(array_unique($names))->toHaveCount(count($codes));
    array_walk($codes, static fn (string $code) => expect($code)->toMatch('/^[a-z-]{3,40}$/'));
});

it('takes the same sentence about other pictures for another matter', function (): void {
    $of = static function (array $ids): Snag {
        $items = array_map(static fn (string $id): Item => new Item($id, "p{$id}", ItemWords::parse(['alt' => "The kite {$id} over the marsh"])), $ids);
        $atHand = array_fill_keys($ids, new AtHand(new Subject(Ratio::of(3, 2), Size::of(3000, 2000), FocalPoint::centre(), [540 => 20_000]), new Words));
        $design = GalleryDesign::default()->with(['layout' => ['kind' => 'rows', 'row_height' => 240, 'last_row' => 'start']]);

        return array_column((new GallerySnags(new Inspected(new GalleryDocument(About::titled('Kites'), $design, Albums::none(), $items), $atHand, new Around, Viewport::wide(1120), Viewport::phone(354)), [], false))->open(), null, 'code')['ragged-last-row'];
    };
    [$before, $same, $after] = [$of(['a', 'b', 'c', 'd', 'e']), $of(['b', 'a', 'c', 'd', 'e']), $of(['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'])];
    expect($after->says)->toBe($before->says)->and($after->items)->not->toBe($before->items)->and($after->marks)->not->toBe($before->marks)
        ->and($same->items)->toBe($before->items)->and($same->marks)->toBe($before->marks);
});
