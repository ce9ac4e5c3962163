<?php

declare(strict_types=1);

use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Design\Upgrades\From1To2;
use ZincPane\Core\Design\Upgrades\From2To3;
use ZincPane\Core\Design\Upgrades\Upgrades;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\FrozenItem;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arranger;

covers(Upgrades::class, From1To2::class, From2To3::class, FrozenGallery::class, FrozenItem::class);

/** What stood in a database of an earlier schema; kept for ever. */
function golden(string $file): array
{
    return json_decode((string) file_get_contents(__DIR__."/../golden/{$file}.json"), true, flags: JSON_THROW_ON_ERROR);
}

/** Whether a layout is computed as it always was; the others were made better, and are told by tests of their own. */
function isAsItWas(GalleryDesign $design, int|string $width): bool
{
    return match ($design->layout->kind) {
        LayoutKind::Rows, LayoutKind::Mosaic, LayoutKind::Masonry => false,
        LayoutKind::Grid => in_array($design->layout->lastRow, [LastRow::Start, LastRow::Centre], true) && ($width >= 600 || $width <= 390),
        default => true,
    };
}

it('lays a gallery of the first schema out in the very boxes that it had then', function (): void {
    $compared = 0;
    foreach (golden('schema-1/designs') as $n => ['design' => $stored, 'ratios' => $ratios, 'large' => $large, 'boxes' => $boxes, 'crops' => $crops]) {
        $design = GalleryDesign::fromArray(Upgrades::all()->design($stored));
        $arrangement = Arranger::layout($design)->arrange(array_map(static fn (float|int $ratio): Ratio => Ratio::of($ratio, 1), $ratios), $large);
        expect($design->layout->objectFitInForce() === ObjectFit::Cover)->toBe($crops);
        foreach ($boxes as $width => $places) {
            foreach (isAsItWas($design, $width) ? $places : [] as $i => $edges) {
                foreach (array_combine(['left', 'top', 'width', 'height'], $edges) as $edge => $px) {
                    $now = $arrangement->at($width)->boxes->get($i)->at($width)[$edge];
                    expect(abs($now - $px))->toBeLessThan(0.011, "design {$n}, tile {$i}, {$edge} at {$width}");
                    $compared++;
                }
            }
        }
    }
    expect($compared)->toBeGreaterThan(1000);
});

it('lays a gallery of the second schema out in the very boxes that it had then', function (): void {
    foreach (golden('schema-2/designs') as $n => ['design' => $stored, 'ratios' => $ratios, 'boxes' => $boxes]) {
        expect($stored['schema'])->toBe(2);
        $design = GalleryDesign::fromArray(Upgrades::all()->design($stored));
        $arrangement = Arranger::layout($design)->arrange(array_map(static fn (float|int $ratio): Ratio => Ratio::of($ratio, 1), $ratios));
        foreach (array_filter($boxes, static fn (int|string $width): bool => isAsItWas($design, $width), ARRAY_FILTER_USE_KEY) as $width => $places) {
            $now = array_map(static fn ($box): array => array_map(static fn (float $px): float => round($px, 2), array_values($box->at($width))), iterator_to_array($arrangement->at($width)->boxes));
            // By way of JSON, as the file was written.
            expect(json_decode(json_encode($now), true))->toBe($places, "design {$n} at {$width}");
        }
    }
});

it('says in the words of the third schema what an act of the second set', function (int $lines, array $captions): void {
    expect(Upgrades::all()->change(['kind' => 'design', 'design' => ['layout' => ['caption_lines' => $lines, 'gap' => 4]]], 2)['design'])
        ->toBe(['layout' => ['gap' => 4], 'finish' => ['captions' => $captions]]);
})->with([[0, ['place' => 'none']], [3, ['place' => 'below', 'lines' => 3]]]);

it('keeps every setting of a design of the first schema, under whatever name', function (): void {
    $names = ['filling' => 'object_fit', 'at_first' => 'initial_view', 'first_rows' => 'initial_rows'];
    $values = ['crop' => 'cover', 'fit' => 'contain'];
    foreach (golden('schema-1/designs') as ['design' => $stored]) {
        $layout = Upgrades::all()->design($stored)['layout'];
        $captions = Upgrades::all()->design($stored)['finish']['captions'];
        $lines = $stored['layout']['caption_lines'];
        expect($captions)->toBe(['place' => $lines > 0 && ! in_array($stored['layout']['kind'], ['strip', 'slideshow'], true) ? 'below' : 'none', ...($lines > 0 ? ['lines' => $lines] : [])]);
        foreach (array_diff_key($stored['layout'], ['large' => true, 'caption_lines' => true]) as $key => $value) {
            expect($layout[$names[$key] ?? $key])->toBe($key === 'filling' ? $values[$value] : $value);
        }
        expect(array_key_exists('large', $layout))->toBeFalse();
    }
});

it('reads every kind of act of the first schema, and what takes it back', function (): void {
    $upgrades = Upgrades::all();
    foreach (golden('schema-1/journal') as ['about' => $about, 'change' => $change, 'inverse' => $inverse]) {
        foreach ([$change, $inverse] as $stored) {
            $read = Changes::parse($upgrades->change($stored, 1));
            // What is written now is read again as it is.
            expect(Changes::parse($upgrades->change($read->toArray(), GalleryDesign::SCHEMA))->toArray())->toBe($read->toArray(), $about);
            if ($stored['kind'] === 'design') {
                $before = galleryDocument();
                expect($read->appliedTo($before)->design->toArray()['schema'])->toBe(GalleryDesign::SCHEMA);
            }
        }
    }
});

it('says in new words what an old act set', function (): void {
    $old = ['kind' => 'design', 'design' => ['layout' => ['filling' => 'fit', 'at_first' => 'rows', 'first_rows' => 2, 'phone' => null, 'large' => []]]];
    expect(Upgrades::all()->change($old, 1)['design']['layout'])->toBe([
        'object_fit' => 'contain', 'initial_view' => 'rows', 'initial_rows' => 2, 'phone' => ['columns' => null, 'row_height' => null, 'height' => null],
    ]);
});

it('reads an edition of the first schema as it was frozen', function (): void {
    $stored = golden('schema-1/edition');
    $gallery = FrozenGallery::fromArray($stored);
    expect($gallery->about->title)->toBe($stored['about']['title'])->and($gallery->items)->toHaveCount(count($stored['items']))
        ->and($gallery->large)->toBe($stored['large'])->and($gallery->largePlaces())->toBe([1])
        ->and($gallery->items[0])->toBeInstanceOf(ShownPicture::class)->and($gallery->items[4])->toBeInstanceOf(ShownText::class)
        ->and($gallery->items[0]->words()->caption)->toBe($stored['items'][0]['words']['caption'])
        ->and($gallery->items[0]->address)->toBe($stored['items'][0]['address'])
        ->and($gallery->design->layout->columns)->toBe(5);
    // Frozen again it says the same, and is read the same.
    $again = FrozenGallery::fromArray(json_decode(json_encode($gallery->toArray()), true));
    expect($again->toArray())->toBe($gallery->toArray())->and(array_column($again->toArray()['items'], 'words'))->toBe(array_column($stored['items'], 'words'));
});

it('leaves alone what is of the present schema, or of one to come', function (): void {
    $now = GalleryDesign::default()->toArray();
    $later = ['schema' => 99, 'layout' => ['filling' => 'crop']];
    expect(Upgrades::all()->design($now))->toBe($now)->and(Upgrades::all()->design($later))->toBe($later)
        ->and(Upgrades::all()->change(['kind' => 'move', 'items' => ['a']], 1))->toBe(['kind' => 'move', 'items' => ['a']])
        ->and(Upgrades::all()->design(['layout' => 'nonsense']))->toBe(['layout' => 'nonsense', 'schema' => GalleryDesign::SCHEMA])
        ->and(fn () => GalleryDesign::fromArray(Upgrades::all()->design($later)))->toThrow('design.schema');
});
