<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Formats\Fields;
use ZincPane\Core\Formats\FormatException;
use ZincPane\Core\Formats\GalleryFile;
use ZincPane\Core\Formats\ItemEntry;
use ZincPane\Core\Formats\PictureEntry;
use ZincPane\Core\Viewer\ClickAct;

covers(GalleryFile::class, PictureEntry::class, ItemEntry::class, Fields::class, FormatException::class);

/**
 * A gallery in which everything is said that a file can say.
 *
 * @return array<string, mixed>
 */
function fileOfGallery(): array
{
    $picture = static fn (string $digit, array $more = []): array => [
        'file' => 'originals/'.str_repeat($digit, 64).'.jpg', 'name' => "kite {$digit}.jpg",
        'words' => ['title' => "Kite {$digit}", 'caption' => 'At noon', 'description' => "Two\nlines", 'alt' => 'A kite', 'link' => 'https://saltreed.example/', 'credit' => 'A. Marsh', 'decorative' => false],
        'keywords' => 'kite, dyke', 'focal' => ['x' => 0.25, 'y' => 1], 'recipe' => ['turn' => 1, 'straighten' => 2.5, 'crop' => ['left' => 0.25, 'top' => 0.0, 'width' => 0.5, 'height' => 1.0], 'brightness' => 5, 'contrast' => -5, 'words' => true, 'free' => false],
        'source' => 'shelf', 'licence' => 'CC BY 4.0', 'poster' => null, 'track' => '', ...$more,
    ];
    $item = static fn (array $more): array => ['picture' => null, 'text' => null, 'words' => [], 'album' => null, 'hidden' => false, 'large' => false, 'click' => null, ...$more];

    return [
        'format' => 'zinc-pane-gallery', 'version' => 1,
        'about' => ['title' => 'Long Wind Day', 'description' => 'From the dyke', 'shows_title' => true, 'shows_description' => false],
        'albums' => ['list' => [['id' => 'A1', 'name' => 'Morning'], ['id' => 'B2', 'name' => 'Noon']], 'view' => 'tabs'],
        'design' => json_decode((string) json_encode(GalleryDesign::default()->with(['layout' => ['kind' => 'rows', 'gap' => 7]])->toArray()), true),
        'ground' => 0,
        'pictures' => [$picture('a'), $picture('b', ['recipe' => null, 'focal' => null, 'poster' => 0, 'track' => "WEBVTT\n"])],
        'items' => [
            $item(['picture' => 1, 'words' => ['title' => 'Otherwise', 'decorative' => true], 'album' => 'B2', 'large' => true, 'click' => 'place']),
            $item(['picture' => 0, 'hidden' => true]),
            $item(['text' => '<p>Between</p>']),
        ],
    ];
}

/** By an implementation of JSON Schema that knows nothing of this program. */
function schemaHolds(array $file): bool
{
    static $schema = null;
    $schema ??= json_decode((string) file_get_contents(__DIR__.'/../../docs/gallery-file.schema.json'));
    // Lists and objects that are empty look alike in PHP; what is written tells them apart.
    $json = (string) preg_replace('/("(?:words|recipe|crop)":)\[\]/', '$1{}', (string) json_encode($file));

    return (new Validator)->validate(json_decode($json), $schema)->isValid();
}

/**
 * Every place in a file, but for what is inside its design: of that the schema tells little.
 *
 * @return list<list<array-key>>
 */
function placesIn(array $file, array $above = []): array
{
    $places = [];
    foreach ($file as $key => $value) {
        $place = [...$above, $key];
        $places[] = $place;
        is_array($value) && $place !== ['design'] && array_push($places, ...placesIn($value, $place));
    }

    return [...$places, ...($above === [] ? [['design', 'schema']] : [])];
}

/** With another value at a place; without it where that is UNSAID. */
function altered(array $file, array $place, mixed $value): array
{
    $key = array_shift($place);
    if ($place !== []) {
        $file[$key] = altered($file[$key], $place, $value);

        return $file;
    }
    if ($value === UNSAID) {
        unset($file[$key]);

        return array_is_list($file) || is_string($key) ? $file : array_values($file);
    }
    $file[$key] = $value;

    return $file;
}

const UNSAID = "\0unsaid";

/** "pictures[0].words.title", as a refusal names it. */
function named(array $place): string
{
    return ltrim(implode('', array_map(static fn (int|string $key): string => is_int($key) ? "[{$key}]" : ".{$key}", $place)), '.');
}

it('reads all that is said, and writes the very same', function (): void {
    $file = fileOfGallery();
    expect(schemaHolds($file))->toBeTrue();
    $read = GalleryFile::parse($file);
    [$first, $second] = $read->pictures;
    expect(json_decode((string) json_encode($read->toArray()), true))->toEqual($file)
        ->and([$read->about->title, $read->about->showsTitle, $read->about->showsDescription, $read->ground])->toBe(['Long Wind Day', true, false, 0])
        ->and([$first->hash(), $first->name, $first->words->title, $first->words->credit, $first->keywords, $first->focal, $first->recipe->turn, $first->recipe->words, $first->source, $first->licence])
        ->toBe([str_repeat('a', 64), 'kite a.jpg', 'Kite a', 'A. Marsh', 'kite, dyke', [0.25, 1.0], 1, true, 'shelf', 'CC BY 4.0'])
        ->and([$second->recipe->isPlain(), $second->focal, $second->poster, $second->track])->toBe([true, null, 0, "WEBVTT\n"])
        ->and(array_map(static fn (ItemEntry $item): array => [$item->picture, $item->text, $item->album, $item->isHidden, $item->isLarge, $item->click], $read->items))
        ->toBe([[1, null, 'B2', false, true, ClickAct::Place], [0, null, null, true, false, null], [null, '<p>Between</p>', null, false, false, null]])
        ->and($read->items[0]->words->toArray())->toMatchArray(['title' => 'Otherwise', 'caption' => null, 'decorative' => true]);
});

it('takes nothing that the published schema refuses, names what it refuses, and writes what the schema holds', function (mixed $value): void {
    $taken = $refused = 0;
    foreach (placesIn(fileOfGallery()) as $place) {
        $file = altered(fileOfGallery(), $place, $value);
        try {
            $read = GalleryFile::parse($file);
        } catch (FormatException $refusal) {
            $refused++;
            $where = $refusal->where;
            // What is wrong lies there or above it: a part that is missing is told of what it is missing in. Another place is named only by what leads to this one.
            $isNamed = str_starts_with(named($place), $where) || str_starts_with($where, named($place)) || $value === UNSAID || in_array($place[0], ['albums', 'pictures'], true);
            expect($isNamed)->toBeTrue(named($place)." was altered, and {$where} refused")->and($refusal->getMessage())->not->toBe('');

            continue;
        }
        $taken++;
        // What may be left out, or be null, is said in what is written.
        $value === UNSAID || $value === null || json_encode($file) === false || expect(schemaHolds($file))->toBeTrue('taken: '.named($place).' as '.json_encode($value));
        $written = json_decode((string) json_encode($read->toArray()), true);
        expect(schemaHolds($written))->toBeTrue('written: '.named($place).' as '.json_encode($value))
            ->and(json_decode((string) json_encode(GalleryFile::parse($written)->toArray()), true))->toEqual($written);
    }
    expect($refused)->toBeGreaterThan(20);
})->with([
    'left out' => [UNSAID], 'null' => [null], 'an empty list' => [[]], 'a list of nonsense' => [[[['x']]]], 'an empty text' => [''], 'a text' => ['B2'], 'a long text' => [str_repeat('é', 20_001)], 'no UTF-8' => ["\xff\xfe"],
    'zero' => [0], 'one' => [1], 'below' => [-1], 'a fraction' => [0.5], 'many' => [5001], 'true' => [true], 'an object' => [['title' => 'x', 'x' => 0.5]],
]);

it('refuses at its bounds and not before', function (array $place, mixed $in, mixed $out, string $says): void {
    GalleryFile::parse(altered(fileOfGallery(), $place, $in));
    expect(static fn () => GalleryFile::parse(altered(fileOfGallery(), $place, $out)))->toThrow(FormatException::class, $says);
})->with([
    'a name' => [['pictures', 0, 'name'], str_repeat('é', 255), str_repeat('é', 256), 'pictures[0].name: a text of at most 255 characters'],
    'a licence' => [['pictures', 1, 'licence'], str_repeat('x', 500), str_repeat('x', 501), 'pictures[1].licence'],
    'a source' => [['pictures', 0, 'source'], str_repeat('x', 100), str_repeat('x', 101), 'pictures[0].source'],
    'keywords' => [['pictures', 0, 'keywords'], str_repeat('é', 20_000), str_repeat('é', 20_001), 'at most 20000'],
    'a share' => [['pictures', 0, 'focal', 'x'], 1, 1.000001, 'pictures[0].focal.x: a number from 0 to 1'],
    'the share of nothing' => [['pictures', 0, 'focal', 'y'], 0, -0.000001, 'pictures[0].focal.y'],
    'a picture of an item' => [['items', 1, 'picture'], 1, 2, 'items[1].picture: a whole number from 0 to 1'],
    'a poster' => [['pictures', 1, 'poster'], 1, 2, 'pictures[1].poster: there is no picture of that number'],
    'the ground' => [['ground'], 1, 2, 'ground: a whole number from 0 to 1'],
    'the version' => [['version'], 1, 2, 'of version 2, and this installation reads up to 1'],
    'the design' => [['design', 'schema'], GalleryDesign::SCHEMA, GalleryDesign::SCHEMA + 1, 'design.schema: takes a whole number from 1 to '.GalleryDesign::SCHEMA],
    'a path' => [['pictures', 0, 'file'], 'originals/'.str_repeat('0', 64).'.jpeg', 'originals/../'.str_repeat('0', 61).'.jpg', 'the path of an original'],
    'an ending' => [['pictures', 0, 'file'], 'originals/'.str_repeat('0', 64).'.jp', 'originals/'.str_repeat('0', 64).'.j', 'the path of an original'],
    'a click' => [['items', 2, 'click'], 'nothing', 'everything', 'items[2].click: one of large, place'],
    'an album' => [['items', 2, 'album'], 'A1', 'C3', 'items[2].album: there is no album'],
    'a text' => [['items', 2, 'text'], str_repeat('x', 20_000), str_repeat('x', 20_001), 'items[2].text'],
]);

it('takes as many pictures and items as a gallery may have, and no more', function (): void {
    $file = fileOfGallery();
    $file['items'] = array_fill(0, GalleryFile::MOST, $file['items'][2]);
    expect(GalleryFile::parse($file)->items)->toHaveCount(GalleryFile::MOST);
    $file['items'][] = $file['items'][0];
    expect(static fn () => GalleryFile::parse($file))->toThrow(FormatException::class, 'items: at most 5000 are taken, got 5001.');
    foreach ([['format' => 'another'], [], 'text', 7] as $none) {
        expect(static fn () => GalleryFile::parse($none))->toThrow(FormatException::class);
    }
    // The picture that it stands on is told by its place alone.
    $grounded = GalleryFile::parse(altered(fileOfGallery(), ['design', 'finish', 'ground', 'picture'], str_repeat('0', 26)))->toArray();
    expect($grounded['design']['finish']['ground']['picture'])->toBe('')->and($grounded['ground'])->toBe(0);
});
