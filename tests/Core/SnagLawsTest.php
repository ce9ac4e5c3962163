<?php

declare(strict_types=1);

use Random\Randomizer;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\FlagItems;
use ZincPane\Core\Changes\Redesign;
use ZincPane\Core\Changes\RemoveItems;
use ZincPane\Core\Changes\Reorder;
use ZincPane\Core\Changes\Reword;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Snags\GallerySnags;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Snag;
use ZincPane\Core\Snags\Stage;

covers(GallerySnags::class, Inspected::class, Sighting::class);

// What holds of the snags of any gallery, whatever the rules say.

require_once __DIR__.'/Planting.php';

/** Any change that a person may make of the gallery. */
function anyChangeOf(Inspected $gallery, Randomizer $dice): Change
{
    $ids = array_map(static fn (Item $item): string => $item->id, $gallery->gallery->items);
    $some = array_values(array_map(static fn (int $key): string => $ids[$key], $dice->pickArrayKeys($ids, $dice->getInt(1, count($ids)))));
    $texts = ['', 'untitled', 'Photo of a boat', 'IMG_2044.jpg', 'Boats at rest in the creek', 'words of a caption that goes on and on until nobody reads it any more, and longer'];
    $text = static fn (): string => $texts[$dice->getInt(0, count($texts) - 1)];

    return match ($dice->getInt(0, 4)) {
        0 => Reword::of(array_fill_keys($some, ['alt' => $text(), 'caption' => $text()])),
        1 => Redesign::parse(['design' => [
            'layout' => ['kind' => ['grid', 'masonry', 'rows', 'mosaic'][$dice->getInt(0, 3)], 'columns' => $dice->getInt(2, 7)],
            'finish' => ['captions' => ['place' => ['none', 'below'][$dice->getInt(0, 1)], 'lines' => $dice->getInt(1, 6)]], 'viewer' => ['giving' => ['download' => ['none', 'original'][$dice->getInt(0, 1)]]],
        ]]),
        2 => Reorder::to($dice->shuffleArray($ids), 'shuffled'),
        3 => FlagItems::parse(['kind' => 'hide', 'items' => $some, 'hidden' => $dice->getInt(0, 1) === 1]),
        default => RemoveItems::parse(['items' => array_slice($some, 0, max(1, count($ids) - 1))]),
    };
}

/** @return list<array<string, mixed>> all that is told of snags */
function toldOf(array $snags): array
{
    return array_map(static fn (Snag $snag): array => [$snag->code, $snag->says, $snag->items, $snag->marks, $snag->page, array_map(static fn ($mend): array => [$mend->label, $mend->change?->toArray()], $snag->mends)], $snags);
}

it('sees after changes what one sees who looks for the first time', function (): void {
    $dice = dice(1501);
    for ($trial = 0; $trial < 150; $trial++) {
        [$gallery] = planted($dice);
        // What was looked at before is known, and must not be believed where it changed.
        $seen = $gallery->after(Redesign::parse(['design' => []]));
        namedBy($seen);
        for ($step = 0; $step < 4; $step++) {
            $seen = $seen->after(anyChangeOf($seen, $dice));
            $fresh = freshlySeen($seen);
            expect(namedBy($seen))->toBe(namedBy($fresh), "gallery {$trial}, step {$step}")
                ->and(toldOf((new GallerySnags($seen, [], false))->open()))->toBe(toldOf((new GallerySnags($fresh, [], false))->open()));
            if ($seen->gallery->items === []) {
                break;
            }
        }
    }
});

it('finds the same with mends and without, stage by stage, and offers two of them at most', function (): void {
    $dice = dice(1502);
    $order = array_column(Stage::cases(), 'value');
    for ($trial = 0; $trial < 60; $trial++) {
        [$gallery] = planted($dice);
        [$found, $mended] = [(new GallerySnags($gallery, [], false))->open(), (new GallerySnags($gallery))->open()];
        $without = static fn (array $told): array => array_map(static fn (array $one): array => array_slice($one, 0, 5), $told);
        expect($without(toldOf($found)))->toBe($without(toldOf($mended)));
        $stages = array_map(static fn (Snag $snag): int => (int) array_search($snag->stage->value, $order, true), $mended);
        $sorted = $stages;
        sort($sorted);
        expect($stages)->toBe($sorted)->and(max([0, ...array_map(static fn (Snag $snag): int => count($snag->mends), $mended)]))->toBeLessThanOrEqual(2)
            ->and(array_filter($found, static fn (Snag $snag): bool => $snag->mends !== []))->toBe([]);
        foreach ($mended as $snag) {
            expect($snag->says)->toMatch('/^\S.*[.\d]$/su')->and($snag->marks)->not->toBe([])->and(array_unique($snag->marks))->toHaveCount(count($snag->marks))
                ->and(array_diff($snag->items, array_map(static fn (Item $item): string => $item->id, $gallery->items)))->toBe([]);
        }
    }
});

it('names nobody who is hidden, and says of the others what it said', function (): void {
    $dice = dice(1503);
    $alone = ['cannot-be-shown', 'file-is-missing', 'alt-missing', 'alt-file-name', 'alt-filler', 'alt-too-long', 'alt-says-nothing', 'words-are-file-name', 'leads-nowhere', 'gives-place', 'gives-reserved'];
    for ($trial = 0; $trial < 200; $trial++) {
        [$gallery, $amiss] = planted($dice);
        $hidden = $gallery->gallery->items[$dice->getInt(0, count($gallery->gallery->items) - 1)]->id;
        $left = namedBy($gallery->after(FlagItems::parse(['kind' => 'hide', 'items' => [$hidden], 'hidden' => true])));
        foreach ($alone as $code) {
            expect($left[$code] ?? [])->toBe(array_values(array_diff($amiss[$code] ?? [], [$hidden])), $code);
        }
        expect(in_array($hidden, array_merge([], ...array_values($left)), true))->toBeFalse();
    }
});
