<?php

declare(strict_types=1);

// What the history, the question of two windows, and the measures say in words and figures.

use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Changes\Clash;
use ZincPane\Core\Design\DesignWords;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\WidthBand;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\TileFrame;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\DrawnPart;
use ZincPane\Core\Measuring\Measures;
use ZincPane\Core\Measuring\PhoneSight;
use ZincPane\Core\Measuring\Reasons;
use ZincPane\Core\Measuring\Weights;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Snags\HeavyFirstView;
use ZincPane\Core\Snags\LostFocalArea;
use ZincPane\Core\Snags\MuchCropped;
use ZincPane\Core\Snags\SmallOnPhone;

it('tells every act in the history', function (array $change, string $sentence): void {
    expect(Changes::parse($change)->summary(galleryDocument('abcdef')))->toBe($sentence);
})->with([
    [['kind' => 'about', 'about' => ['title' => 'x']], 'renamed the gallery'],
    [['kind' => 'design', 'design' => ['layout' => ['gap' => 14]]], 'gap 8 px to 14 px'],
    [['kind' => 'design', 'design' => ['layout' => ['gap' => 8]]], 'changed the design'],
    [['kind' => 'design', 'design' => ['layout' => ['columns' => 5, 'shape' => '1:1']]], 'how many columns 3 to 5, shape of the tiles 3:2 to square'],
    // What has no effect now is told only where nothing else changed.
    [['kind' => 'design', 'design' => ['layout' => ['height' => 500, 'gap' => 9]]], 'gap 8 px to 9 px'],
    [['kind' => 'design', 'design' => ['layout' => ['height' => 501]]], 'height 420 px to 501 px'],
    [['kind' => 'design', 'design' => ['layout' => ['phone' => ['columns' => 2]]]], 'columns on a phone by itself to 2'],
    [['kind' => 'design', 'design' => ['finish' => ['captions' => ['place' => 'below', 'lines' => 1]]]], 'captions none to below, lines at most 2 to 1 line'],
    [['kind' => 'words', 'words' => ['a' => ['alt' => 'x']]], 'changed the alt text of a picture'],
    [['kind' => 'words', 'words' => ['a' => ['alt' => 'x', 'decorative' => true], 'b' => ['alt' => 'y']]], 'changed the alt text and decorative mark of 2 pictures'],
    [['kind' => 'add', 'items' => [['id' => 'x', 'picture' => 'p']]], 'put in a picture'],
    [['kind' => 'add', 'items' => [['id' => 'x', 'picture' => 'p'], ['id' => 'y', 'picture' => 'p']]], 'put in 2 pictures'],
    [['kind' => 'remove', 'items' => ['a']], 'took out a picture'],
    [['kind' => 'remove', 'items' => ['a', 'b']], 'took out 2 pictures'],
    [['kind' => 'move', 'items' => ['a'], 'before' => null], 'moved a picture'],
    [['kind' => 'move', 'items' => ['a', 'b'], 'before' => null], 'moved 2 pictures'],
    [['kind' => 'hide', 'items' => ['a'], 'hidden' => true], 'hid a picture'],
    [['kind' => 'hide', 'items' => ['a', 'b'], 'hidden' => false], 'showed again 2 pictures'],
    [['kind' => 'large', 'items' => ['a'], 'large' => true], 'made a picture large'],
    [['kind' => 'large', 'items' => ['a', 'b'], 'large' => false], 'made 2 pictures as large as the others'],
    [['kind' => 'text', 'item' => 'f', 'text' => 'x'], 'rewrote a text'],
]);

it('says how the settings under each heading stand', function (): void {
    expect(DesignWords::briefs(designOf(['columns' => 4, 'gap' => 0, 'shape' => '1:1', 'caption_lines' => 2])))->toMatchArray(['Captions' => 'below, caption'])
        ->and(implode(' | ', DesignWords::briefs(GalleryDesign::default())))->toContain('3')->toContain('3:2')->toContain('8 px');
});

it('asks of two windows by the name of what both changed, with what each wants', function (array $mine, array $theirs, array $told): void {
    $before = galleryDocument('abcdef');
    [$mine, $theirs] = [Changes::parse($mine), Changes::parse($theirs)];
    $told = $told === [] ? [] : [$told];
    expect(array_map(static fn (Clash $clash): array => [$clash->path, $clash->label, $clash->item, $clash->mine, $clash->theirs], Clash::between($mine, [$theirs], $theirs->appliedTo($before))))->toBe($told);
})->with([
    [['kind' => 'about', 'about' => ['title' => 'Ebb']], ['kind' => 'about', 'about' => ['title' => 'Flood']], ['about.title', 'title', null, 'Ebb', 'Flood']],
    [['kind' => 'about', 'about' => ['shows_title' => true]], ['kind' => 'about', 'about' => ['shows_title' => false]], ['about.shows_title', 'shows title', null, 'yes', 'no']],
    [['kind' => 'design', 'design' => ['layout' => ['gap' => 3]]], ['kind' => 'design', 'design' => ['layout' => ['gap' => 4]]], ['design.layout.gap', 'gap', null, '3 px', '4 px']],
    [['kind' => 'words', 'words' => ['a' => ['alt' => '']]], ['kind' => 'words', 'words' => ['a' => ['alt' => null]]], ['items.a.words.alt', 'alt text', 'a', 'nothing', 'the picture’s own']],
    [['kind' => 'words', 'words' => ['a' => ['decorative' => true]]], ['kind' => 'remove', 'items' => ['a']], ['items.a.words.decorative', 'decorative', 'a', 'no longer possible', 'taken out']],
    [['kind' => 'hide', 'items' => ['a'], 'hidden' => true], ['kind' => 'hide', 'items' => ['a'], 'hidden' => false], ['items.a.hidden', 'hidden', 'a', 'hidden', 'shown']],
    [['kind' => 'large', 'items' => ['a'], 'large' => true], ['kind' => 'large', 'items' => ['a'], 'large' => false], ['items.a.large', 'large', 'a', 'large', 'as large as the others']],
    [['kind' => 'text', 'item' => 'f', 'text' => '<p>Mine</p>'], ['kind' => 'text', 'item' => 'f', 'text' => '<p>Theirs</p>'], ['items.f.text', 'text', 'f', '<p>Mine</p>', '<p>Theirs</p>']],
    [['kind' => 'albums', 'of' => ['a' => null]], ['kind' => 'albums', 'of' => ['a' => 'A2']], ['items.a.album', 'album', 'a', 'in no album', 'Evening']],
    [['kind' => 'albums', 'albums' => ['list' => [], 'view' => 'none']], ['kind' => 'albums', 'albums' => ['list' => [['id' => 'A1', 'name' => 'x']], 'view' => 'tabs']], ['albums', 'the albums', null, '0 albums', '1 albums']],
    [['kind' => 'remove', 'items' => ['a']], ['kind' => 'add', 'items' => [['id' => 'x', 'picture' => 'p']]], ['list', 'which pictures there are', null, '6 pictures', '7 pictures']],
    [['kind' => 'order', 'items' => ['f', 'e', 'd', 'c', 'b', 'a']], ['kind' => 'order', 'items' => ['b', 'a', 'c', 'd', 'e', 'f']], ['place', 'the order', null, 'another order', 'another order']],
    [['kind' => 'move', 'items' => ['a'], 'before' => 'd'], ['kind' => 'move', 'items' => ['a'], 'before' => 'c'], ['place.a', 'its place', 'a', 'number 3', 'number 2']],
    [['kind' => 'about', 'about' => ['title' => 'Ebb']], ['kind' => 'about', 'about' => ['description' => 'x']], []],
]);

/** Measures of a row of good ones, some told otherwise. */
function measured(array $told = []): Measures
{
    return new Measures(...[
        'rows' => 3, 'complete' => 3, 'inLastRow' => 4, 'crop' => 0.0, 'worstCrop' => 0.0, 'worstPicture' => null, 'harmed' => 0, 'uneven' => 0.0, 'smallest' => 120, 'largest' => 300,
        'used' => 0.9, 'span' => 0.8, 'height' => 844, 'screens' => 1.0, 'firstBytes' => 0, 'allBytes' => 0, 'firstRequests' => 6, 'allRequests' => 12, 'items' => 12, 'inner' => 1120.0, ...$told,
    ]);
}

function weighed(array $layout, array $wide = [], array $phone = []): Candidate
{
    $part = new DrawnPart([], new BandArrangement(new WidthBand(0, null), $layout['columns'] ?? 4, new Boxes([], [], [], []), Linear::px(0), [], TileFrame::of(0, 0)), 0.0);

    return new Candidate([], designOf($layout)->layout, measured(['inLastRow' => $layout['columns'] ?? 4, ...$wide]), measured($phone), [$part], [$part], 1120.0, 354.0);
}

it('judges a layout by eight qualities, each from 0 to 1', function (array $wide, array $phone, string $quality, float $worth): void {
    expect(weighed(['kind' => 'grid'], $wide, $phone)->qualities()[$quality])->toEqualWithDelta($worth, 1e-9);
})->with([
    [[], [], 'complete', 1.0], [['complete' => 0], [], 'complete', 0.25], [[], ['complete' => 0], 'complete', 0.75], [['rows' => 4, 'complete' => 3], ['rows' => 0, 'complete' => 0], 'complete', 0.75 * 0.75 + 0.25],
    [[], [], 'crop', 1.0], [['crop' => 0.2], [], 'crop', 0.85], [['worstCrop' => 0.4], [], 'crop', 0.9], [[], ['harmed' => 6], 'crop', 0.5], [['crop' => 0.2, 'worstCrop' => 0.4, 'harmed' => 3], ['crop' => 0.1], 'crop', 1 - (0.3 + 0.2 + 0.5 + 0.15) / 2], [['crop' => 1.0, 'worstCrop' => 1.0], ['crop' => 1.0], 'crop', 0.0],
    [['harmed' => 1, 'allRequests' => 0], [], 'crop', 0.0],
    [['uneven' => 0.4], [], 'even', 0.7], [[], ['uneven' => 0.4], 'even', 0.9], [['uneven' => 2.0], ['uneven' => 2.0], 'even', 0.0],
    [[], ['smallest' => 110], 'phone', 1.0], [[], ['smallest' => 77], 'phone', 0.5], [[], ['smallest' => 44], 'phone', 0.0],
    [['screens' => 8.0], ['screens' => 15.0], 'short', 1.0], [['screens' => 32.0], ['screens' => 60.0], 'short', 0.5], [[], ['screens' => 0.0], 'short', 1.0],
    [['used' => 0.92], ['used' => 0.92], 'full', 1.0], [['used' => 0.46], ['used' => 0.92], 'full', 0.4375],
    // A tile 540 px wide and high, and one of a tenth of that side, of a single picture.
    [['items' => 1, 'used' => 1.0, 'height' => 540, 'inner' => 540.0, 'smallest' => 540], [], 'size', 1.0], [['items' => 1, 'used' => 1.0, 'height' => 54, 'inner' => 54.0, 'smallest' => 54], [], 'size', exp(-(log(0.1) / 0.7) ** 2) * 54 / 243],
    [['firstBytes' => 600_000], ['firstBytes' => 600_000], 'light', 0.5], [[], [], 'light', 1.0], [['firstBytes' => 1_200_000], ['firstBytes' => 2_400_000], 'light', 0.25],
]);

it('weighs qualities by what a person says they count', function (): void {
    $good = ['complete' => 1.0, 'crop' => 0.5, 'even' => 0.0, 'phone' => 0.25, 'light' => 1.0];
    expect(Weights::fromArray(['complete' => 10, 'crop' => 10, 'even' => 0, 'phone' => 0, 'light' => 0, 'full' => 0, 'size' => 0, 'short' => 0])->score($good))->toEqualWithDelta(0.75, 1e-9)
        ->and(Weights::fromArray([])->score($good))->toEqualWithDelta((6 + 3.5 + 0 + 1.25 + 2) / 40, 1e-9)
        ->and(Weights::fromArray(array_fill_keys(array_keys(Weights::DEFAULTS), 0))->score($good))->toBe(0.0)
        ->and(Weights::fromArray([])->score([]))->toBe(0.0)
        ->and(fn () => Weights::fromArray(['crop' => 11]))->toThrow(SettingException::class, 'weights.crop takes a whole number from 0 to 10, got 11.')
        ->and(fn () => Weights::fromArray(['crop' => -1]))->toThrow(SettingException::class)->and(fn () => Weights::fromArray(['mood' => 1]))->toThrow(SettingException::class)
        ->and([PhoneSight::isTooSmall(71), PhoneSight::isTooSmall(72), PhoneSight::quality(10), PhoneSight::quality(400)])->toBe([true, false, 0.0, 1.0]);
});

it('adds the measures of albums up to those of the gallery', function (): void {
    $both = Measures::together([
        measured(['rows' => 2, 'complete' => 1, 'crop' => 0.2, 'worstCrop' => 0.3, 'worstPicture' => 1, 'harmed' => 1, 'uneven' => 0.1, 'smallest' => 90, 'largest' => 200, 'used' => 0.5, 'height' => 300, 'screens' => 0.5, 'firstBytes' => 10, 'allBytes' => 20, 'firstRequests' => 2, 'allRequests' => 4, 'items' => 5]),
        measured(['rows' => 3, 'complete' => 3, 'inLastRow' => 2, 'crop' => 0.5, 'worstCrop' => 0.6, 'worstPicture' => 2, 'harmed' => 2, 'uneven' => 0.3, 'smallest' => 80, 'largest' => 400, 'used' => 0.9, 'span' => 0.7, 'height' => 100, 'screens' => 0.25, 'firstBytes' => 99, 'allBytes' => 30, 'firstRequests' => 9, 'allRequests' => 2, 'items' => 6]),
    ])->toArray();
    expect($both)->toBe([
        'rows' => 5, 'complete' => 4, 'in_last_row' => 2, 'crop' => 0.3, 'much_cropped' => true, 'worst_crop' => 0.6, 'worst_picture' => 7, 'harmed' => 3, 'uneven' => 0.3, 'smallest' => 80, 'too_small' => false,
        'largest' => 400, 'used' => 0.6, 'span' => 0.8, 'height' => 400, 'screens' => 0.75, 'first_bytes' => 109, 'all_bytes' => 50, 'first_requests' => 11, 'all_requests' => 6,
    ]);
    $same = Measures::together([measured(['worstCrop' => 0.6, 'worstPicture' => 3]), measured(['worstCrop' => 0.6, 'worstPicture' => 1])])->toArray();
    $none = Measures::together([measured(['allRequests' => 0, 'crop' => 0.4, 'height' => 0]), measured(['allRequests' => 0, 'height' => 0])])->toArray();
    expect($same['worst_picture'])->toBe(3)->and($none['crop'])->toBe(0.0)->and($none['used'])->toBe(0.0)
        ->and([measured(['crop' => 0.15])->toArray()['much_cropped'], measured(['crop' => 0.1501])->toArray()['much_cropped'], measured(['smallest' => 10, 'items' => 0])->toArray()['too_small']])->toBe([false, true, false]);
});

it('gives reasons in words', function (array $layout, array $wide, array $phone, int $count, string $reason): void {
    expect(Reasons::of(weighed($layout, $wide, $phone), $count))->toBe($reason);
})->with([
    [['columns' => 4], [], [], 12, '12 pictures fill 4 columns exactly; nothing is cropped; large on a phone.'],
    [['columns' => 5], ['rows' => 1], [], 3, 'All in one row; nothing is cropped; large on a phone.'],
    [['columns' => 5], [], [], 12, 'All 3 rows are complete; nothing is cropped; large on a phone.'],
    [['columns' => 5], ['complete' => 2], ['smallest' => 109], 12, '2 of 3 rows are complete; nothing is cropped.'],
    [['kind' => 'masonry'], ['uneven' => 0.024], ['smallest' => 71], 9, 'The columns end level; nothing is cropped; on a phone the smallest is 71 px.'],
    [['kind' => 'masonry'], ['uneven' => 0.026], ['smallest' => 72], 9, 'The columns end 3 per cent apart; nothing is cropped.'],
    [['kind' => 'rows'], ['complete' => 2, 'uneven' => 0.12], [], 9, '2 of 3 rows are complete, their heights within 12 per cent; nothing is cropped; large on a phone.'],
    [['kind' => 'mosaic'], ['crop' => 0.104, 'worstPicture' => 2], [], 9, 'Large and small fill the width without holes; 10 per cent is cropped, nothing important; large on a phone.'],
    [['kind' => 'strip'], ['crop' => 0.25, 'worstPicture' => 2, 'harmed' => 1], [], 9, 'One at a time; 25 per cent is cropped, of 1 picture something important; large on a phone.'],
    [['kind' => 'single'], ['crop' => 0.25, 'worstPicture' => 2, 'harmed' => 2], [], 9, 'One at a time; 25 per cent is cropped, of 2 pictures something important; large on a phone.'],
]);

it('finds a snag at the first figure that is one', function (object $rule, array $layout, array $wide, array $phone, int $count, ?string $says): void {
    expect($rule->says(weighed($layout, $wide, $phone), $count === 0 ? [] : array_fill(0, $count, (fn (): object => new stdClass)())))->toBe($says);
})->with([
    [new HeavyFirstView, [], ['firstBytes' => 1_000_000], [], 9, null], [new HeavyFirstView, [], ['firstBytes' => 1_050_000], [], 9, 'The first view on a wide page weighs 1.1 MB.'], [new HeavyFirstView, [], ['firstBytes' => 2_000_000], ['firstBytes' => 2_000_000], 9, 'The first view on a phone weighs 2.0 MB.'],
    [new LostFocalArea, [], [], [], 9, null], [new LostFocalArea, [], ['harmed' => 1], [], 9, 'The crop of one picture cuts into what matters in it.'], [new LostFocalArea, [], ['harmed' => 1], ['harmed' => 2], 9, 'The crops of 2 pictures cut into what matters in them.'],
    [new MuchCropped, [], ['worstCrop' => 0.5, 'worstPicture' => 3], [], 9, null], [new MuchCropped, [], ['worstCrop' => 0.506, 'worstPicture' => 3], [], 9, 'Picture 4 loses 51 per cent.'], [new MuchCropped, [], ['worstCrop' => 0.6, 'worstPicture' => 3], ['worstCrop' => 0.7, 'worstPicture' => 0], 9, 'Picture 1 loses 70 per cent.'], [new MuchCropped, [], ['worstCrop' => 0.7, 'worstPicture' => 3], ['worstCrop' => 0.7, 'worstPicture' => 0], 9, 'Picture 4 loses 70 per cent.'],
    [new SmallOnPhone, [], [], ['smallest' => 72], 9, null], [new SmallOnPhone, [], [], ['smallest' => 71], 9, 'On a phone the smallest picture is 71 px.'], [new SmallOnPhone, [], [], ['smallest' => 0], 0, null],
]);

it('knows which settings are felt under which layout', function (string $kind, array $more, array $felt, array $unfelt): void {
    $inForce = designOf(['kind' => $kind, ...$more])->inForce();
    expect(array_values(array_intersect(array_map(static fn (string $key): string => "layout.{$key}", $felt), $inForce)))->toHaveCount(count($felt))
        ->and(array_intersect(array_map(static fn (string $key): string => "layout.{$key}", $unfelt), $inForce))->toBe([]);
})->with([
    ['grid', ['column_rule' => 'count'], ['columns', 'shape', 'object_fit', 'last_row', 'gap', 'phone.columns', 'initial_view'], ['tile_width', 'row_height', 'height', 'seconds', 'initial_rows', 'phone.row_height', 'phone.height']],
    ['grid', ['column_rule' => 'fit', 'shape' => 'own', 'initial_view' => 'rows'], ['tile_width', 'initial_rows'], ['columns', 'row_height']],
    ['masonry', [], ['columns', 'gap'], ['shape', 'object_fit', 'last_row', 'row_height', 'height']],
    ['rows', [], ['row_height', 'last_row', 'phone.row_height'], ['columns', 'column_rule', 'shape', 'height', 'phone.columns', 'phone.height']],
    ['mosaic', [], ['row_height', 'gap'], ['columns', 'last_row', 'shape', 'height']],
    ['strip', [], ['height', 'gap', 'phone.height'], ['columns', 'row_height', 'last_row', 'initial_view', 'initial_rows']],
    ['slideshow', [], ['height', 'seconds'], ['columns', 'row_height', 'last_row', 'initial_view']],
    ['single', [], ['gap'], ['columns', 'row_height', 'last_row', 'height', 'seconds']],
]);

it('keeps the width from which a gallery is wide', fn () => expect(LayoutDesign::WIDE_FROM)->toBe(600));
