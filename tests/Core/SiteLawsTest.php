<?php

declare(strict_types=1);

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\PaneDesign;
use ZincPane\Core\Site\PaneExceptions;
use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\PartKind;
use ZincPane\Core\Site\Parts;
use ZincPane\Core\Site\SiteException;
use ZincPane\Core\Site\SiteState;
use ZincPane\Core\Site\SiteWords;

covers(SiteWords::class, SiteState::class, Page::class, Pane::class, PaneDesign::class, PaneExceptions::class, Parts::class, Part::class);

/* Laws of pages and places, for any of them. */

/** A site whose words and titles are known, for what is told of it. */
function toldSite(): SiteWords
{
    $bodies = ['b' => Parts::of([new Part('1', PartKind::Heading, 'Repairs'), new Part('2', PartKind::Paragraph, 'Torn cells')]), 'c' => Parts::of([new Part('1', PartKind::Heading, 'Repairs'), new Part('2', PartKind::Paragraph, 'Torn cells'), new Part('3', PartKind::Paragraph, 'Last')])];

    return new SiteWords(static fn (string $id): string => strtoupper($id), static fn (Page $page): Parts => $bodies[$page->body]);
}

/**
 * One page with values nested as toArray() gives them, some of them otherwise.
 *
 * @param  list<array<string, mixed>>  $changes
 */
function changedPage(array $changes): SiteState
{
    $plain = [
        'id' => 'p', 'address' => 'p', 'title' => 'Repairs', 'label' => 'Mending', 'parent' => null, 'position' => 0, 'comments' => false, 'body' => 'b', 'brought_in' => false,
        'panes' => [
            'one' => ['id' => 'one', 'gallery' => 'g', 'spot' => 0, 'name' => 'g', 'place' => [], 'exceptions' => ['album' => 'a', 'left_out' => ['x', 'y']]],
            'two' => ['id' => 'two', 'gallery' => 'h', 'spot' => 1, 'name' => 'h', 'place' => [], 'exceptions' => []],
        ],
    ];
    $page = array_replace_recursive($plain, ...$changes);
    $page['panes'] = array_values(array_filter($page['panes'], static fn (array $pane): bool => ($pane['gone'] ?? false) === false));

    return SiteState::fromArray(['pages' => [$page], 'frame' => []]);
}

it('tells of many changes together all that it tells of each, and of none nothing', function (): void {
    $own = static fn (array $pane): array => ['panes' => ['one' => $pane]];
    $singles = [
        ['title' => 'Mended'], ['address' => 'mended'], ['label' => 'Mends'], ['comments' => true], ['body' => 'c'],
        ['panes' => ['two' => ['gone' => true]]], ['panes' => ['three' => ['id' => 'three', 'gallery' => 'i', 'spot' => 2, 'name' => 'i']]],
        $own(['spot' => 2]), $own(['name' => 'other']), $own(['place' => ['width' => 'half']]), $own(['place' => ['above' => 12]]), $own(['place' => ['below' => 0]]),
        $own(['exceptions' => ['tile_size' => 'large']]), $own(['exceptions' => ['design' => ['layout' => ['columns' => 5]]]]), $own(['exceptions' => ['design' => ['viewer' => ['click' => ['act' => 'place']]]]]),
        $own(['exceptions' => ['design' => ['finish' => ['captions' => ['place' => 'below']]]]]), $own(['exceptions' => ['album' => 'b']]), $own(['exceptions' => ['left_out' => [2 => 'z']]]), $own(['exceptions' => ['left_out' => [1 => 'w']]]),
    ];
    $words = toldSite();
    $told = static fn (array $changes): array => $words->between(changedPage([]), changedPage($changes))['p'] ?? [];
    // What is told of one, without which gallery: that leads a whole list.
    $alone = array_map(static fn (array $change): array => array_map(static fn (string $says): string => (string) preg_replace('/^“G”: /u', '', $says), $told([$change])), $singles);
    foreach ($alone as $i => $says) {
        expect($says)->not->toBe([], json_encode($singles[$i]));
    }
    expect($told([]))->toBe([]);
    $dice = dice(31);
    for ($i = 0; $i < 400; $i++) {
        $some = $dice->shuffleArray(array_keys($singles));
        $some = array_slice($some, 0, $dice->getInt(2, 6));
        // Of two lists of what is left out the later is told; what is counted is not what is told of each.
        $some = array_values(array_filter($some, static fn (int $at): bool => $at < 17));
        $all = implode('; ', $told(array_map(static fn (int $at): array => $singles[$at], $some)));
        foreach ($some as $at) {
            foreach ($alone[$at] as $says) {
                expect($all)->toContain($says);
            }
        }
    }
    // Said for one place only, though it is what every gallery begins with: this gallery may be otherwise.
    $columns = static fn (?int $count): array => $count === null ? [] : [$own(['exceptions' => ['design' => ['layout' => ['columns' => $count]]]])];
    $default = GalleryDesign::default()->layout->columns;
    expect($words->between(changedPage([]), changedPage($columns($default)))['p'])->toBe(["“G”: only here how many columns {$default}"])
        ->and($words->between(changedPage($columns(5)), changedPage([]))['p'])->toBe(['“G”: how many columns as in the gallery']);
    $finish = [$own(['exceptions' => ['design' => ['finish' => ['named' => 'mounted', 'captions' => ['place' => 'below']]]]])];
    expect($words->between(changedPage([]), changedPage($finish))['p'])->toBe(['“G”: only here another finish'])
        ->and($words->between(changedPage($finish), changedPage([]))['p'])->toBe(['“G”: the finish of the gallery']);
    // The way back is told too.
    foreach ($singles as $change) {
        expect($words->between(changedPage([$change]), changedPage([])))->not->toBe([], json_encode($change));
    }
});

it('tells nothing only where nothing is otherwise, on pages and in the frame', function (): void {
    $dice = dice(5);
    $pane = static fn (string $id): Pane => new Pane($id, ['g', 'h'][$dice->getInt(0, 1)], $dice->getInt(0, 1), 'n', PaneDesign::fromArray(['width' => ['half', 'wide'][$dice->getInt(0, 1)]]), PaneExceptions::none(), null, $dice->getInt(0, 1) === 0 ? [] : ['q']);
    $any = static function () use ($dice, $pane): SiteState {
        $pages = [];
        foreach (['p', 'q'] as $id) {
            $dice->getInt(0, 4) === 0 ?: $pages[] = new Page($id, $id, ['T', 'U'][$dice->getInt(0, 1)], null, null, 0, false, ['b', 'c'][$dice->getInt(0, 1)], false, $dice->getInt(0, 1) === 0 ? [] : [$pane("{$id}1")]);
        }

        return SiteState::of($pages, $dice->getInt(0, 1) === 0 ? [] : [$pane('f1')]);
    };
    for ($i = 0; $i < 600; $i++) {
        [$one, $other] = [$any(), $any()];
        $says = toldSite()->between($one, $other);
        // The same place of another gallery cannot be: a place keeps its gallery.
        $galleries = static fn (SiteState $state): array => array_column(array_merge($state->toArray()['frame'], ...array_column($state->toArray()['pages'], 'panes')), 'gallery', 'id');
        if (array_diff_assoc(array_intersect_key($galleries($one), $galleries($other)), $galleries($other)) === []) {
            expect($says === [])->toBe($one->isSameAs($other), json_encode([$one->toArray(), $other->toArray()]));
        }
        expect(toldSite()->between($one, $one))->toBe([]);
    }
});

it('puts live of each place what its gallery or its page says, by the books of it alone', function (): void {
    $dice = dice(44);
    $any = static function (string $mark) use ($dice): array {
        $pages = [];
        foreach (['p', 'q', 'r'] as $position => $id) {
            if ($dice->getInt(0, 4) > 0) {
                $panes = [];
                foreach (['g', 'h', 'i'] as $gallery) {
                    $dice->getInt(0, 1) === 0 ?: $panes[] = ['id' => "{$id}{$gallery}", 'gallery' => $gallery, 'spot' => $dice->getInt(0, 3), 'name' => "{$gallery}-{$mark}"];
                }
                $pages[$id] = ['id' => $id, 'address' => $id, 'title' => "{$id} {$mark}", 'label' => null, 'parent' => null, 'position' => $position, 'comments' => false, 'body' => $mark, 'brought_in' => false, 'panes' => $panes];
            }
        }

        return $pages;
    };
    for ($i = 0; $i < 500; $i++) {
        [$live, $saved] = [$any('live'), $any('saved')];
        $choose = static fn (array $all): array => array_values(array_filter($all, static fn (): bool => $dice->getInt(0, 2) === 0));
        [$galleries, $pages, $held] = [$choose(['g', 'h', 'i']), $choose(['p', 'q', 'r']), $choose(['p', 'q', 'r'])];
        $state = static fn (array $all): SiteState => SiteState::fromArray(['pages' => array_values($all), 'frame' => []]);
        $next = $state($live)->with($state($saved), $galleries, $pages, $held)->toArray()['pages'];
        $next = array_combine(array_column($next, 'id'), $next);
        foreach (['p', 'q', 'r'] as $id) {
            [$was, $is, $isChosen] = [$live[$id] ?? null, $saved[$id] ?? null, in_array($id, $pages, true)];
            $brings = array_intersect(array_column($is['panes'] ?? [], 'gallery'), $galleries) !== [];
            // Whether there is such a page, and whose words it has.
            $there = $was === null ? $is !== null && ($isChosen || ($brings && ! in_array($id, $held, true))) : $is !== null || ! $isChosen;
            expect(isset($next[$id]))->toBe($there);
            if (! $there) {
                continue;
            }
            expect($next[$id]['body'])->toBe($is !== null && ($isChosen || $was === null) ? 'saved' : 'live')->and($next[$id]['title'])->toEndWith($next[$id]['body']);
            // And which places, and of which of both.
            $placed = array_column($next[$id]['panes'], 'name', 'gallery');
            foreach (['g', 'h', 'i'] as $gallery) {
                // Of a page that is no more as it is saved, all stay until it goes.
                $from = $is !== null && in_array($gallery, $galleries, true) ? ['saved', $is] : ['live', $was];
                $stands = in_array($gallery, array_column($from[1]['panes'] ?? [], 'gallery'), true);
                expect($placed[$gallery] ?? null)->toBe($stands ? "{$gallery}-{$from[0]}" : null);
            }
        }
    }
});

it('follows the gallery in all that is not said for one place, whatever both say', function (): void {
    $flat = static function (array $values, string $under = '') use (&$flat): array {
        $all = [];
        foreach ($values as $key => $value) {
            $all += is_array($value) && $value !== [] && ! array_is_list($value) ? $flat($value, "{$under}{$key}.") : ["{$under}{$key}" => $value];
        }

        return $all;
    };
    $here = [
        ['layout' => ['columns' => 4]], ['layout' => ['phone' => ['columns' => 2]]], ['finish' => ['captions' => ['place' => 'below']]], ['finish' => ['frame' => ['border' => 3], 'corners' => ['all' => 9]]], ['viewer' => ['click' => ['act' => 'place']]],
    ];
    $dice = dice(9);
    for ($i = 0; $i < 150; $i++) {
        $gallery = GalleryDesign::default()->with(['layout' => anyLayout($dice)]);
        $part = $here[$i % count($here)];
        try {
            $exceptions = PaneExceptions::fromArray(['design' => $part]);
        } catch (Throwable) {
            $part = $here[0];
            $exceptions = PaneExceptions::fromArray(['design' => $part]);
        }
        [$before, $after, $said] = [$flat($gallery->toArray()), $flat($exceptions->design($gallery)->toArray()), $flat($part)];
        foreach ($after as $path => $value) {
            // A number of columns is a number.
            $expected = $path === 'layout.column_rule' && isset($said['layout.columns']) ? 'count' : $said[$path] ?? $before[$path];
            expect($value)->toBe($expected, "{$path} in ".json_encode($part));
        }
        expect(array_keys($after))->toBe(array_keys($before));
    }
});

it('reads parts as it wrote them, tells every change of them, and refuses what are none by what is wrong', function (): void {
    $dice = dice(13);
    $same = static fn (PartKind $kind, string $html): string => $html;
    $any = static function (int $n) use ($dice): Part {
        $kind = PartKind::cases()[$dice->getInt(0, count(PartKind::cases()) - 1)];

        return new Part("p{$n}", $kind, $kind === PartKind::Picture ? '' : "Words {$dice->getInt(0, 3)}", $dice->getInt(1, 3), $dice->getInt(0, 1) === 1, $kind === PartKind::Picture ? 'pic' : null, $kind === PartKind::Picture ? "Caption {$dice->getInt(0, 1)}" : '');
    };
    for ($i = 0; $i < 300; $i++) {
        $one = Parts::of(array_map($any, range(1, $dice->getInt(1, 6))));
        $other = Parts::of($dice->shuffleArray(array_map($any, range(1, $dice->getInt(1, 6)))));
        expect(Parts::parse(json_decode((string) json_encode($one->toArray()), true), $same)->toArray())->toBe($one->toArray())
            ->and($one->changesTo($one))->toBe([])
            ->and($one->changesTo($other) === [])->toBe($one->toArray() === $other->toArray());
        $places = array_column($other->toArray(), 'id');
        for ($spot = 0; $spot <= count($one->list) + 2; $spot++) {
            expect($one->movedSpot($spot, $other))->toBeBetween(0, count($places))->and($one->movedSpot($spot, $one))->toBe(min($spot, count($one->list)));
        }
        // What is kept as it came stays, whatever is sent for it.
        foreach ($other->keeping($one)->list as $part) {
            $was = array_column($one->toArray(), null, 'id')[$part->id] ?? null;
            expect(($was['kind'] ?? null) === 'kept' || $part->kind === PartKind::Kept ? $part->toArray() === $was : true)->toBeTrue();
        }
    }
    $good = ['id' => 'a', 'kind' => 'paragraph', 'html' => 'x'];
    foreach ([
        'none', [$good, 'x'], [['id' => '../a'] + $good], [['kind' => 'script'] + $good], [['html' => ['x']] + $good], [['html' => str_repeat('x', Part::LONGEST + 1)] + $good], [['kind' => 'heading', 'level' => 9] + $good],
        [['kind' => 'picture'] + $good], [['kind' => 'picture', 'picture' => 'p', 'caption' => str_repeat('x', 501)] + $good], [$good, $good], array_map(static fn (int $n): array => ['id' => "a{$n}"] + $good, range(0, Parts::MOST)), ['a' => $good],
    ] as $bad) {
        expect(fn () => Parts::parse($bad, $same))->toThrow(fn (SiteException $refusal) => expect($refusal->field)->toStartWith('parts')->and($refusal->getMessage())->not->toBe(''));
    }
});
