<?php

declare(strict_types=1);

use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Site\CommentRules;
use ZincPane\Core\Site\Menu;
use ZincPane\Core\Site\MenuEntry;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\PageAddress;
use ZincPane\Core\Site\PageFrame;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\PaneCss;
use ZincPane\Core\Site\PaneDesign;
use ZincPane\Core\Site\PaneExceptions;
use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\PartKind;
use ZincPane\Core\Site\Parts;
use ZincPane\Core\Site\SiteException;
use ZincPane\Core\Site\SiteState;
use ZincPane\Core\Site\SiteWords;
use ZincPane\Core\Site\Slug;

covers(PageFrame::class, PaneDesign::class, PaneCss::class, PaneExceptions::class, Pane::class, PageAddress::class, Slug::class, Page::class, Menu::class, MenuEntry::class, Parts::class, Part::class, SiteState::class, SiteWords::class, CommentRules::class, ContentWidth::class);

function aPane(string $id, string $gallery, int $spot = 0, array $place = [], array $exceptions = [], string $name = 'x'): Pane
{
    return new Pane($id, $gallery, $spot, $name, PaneDesign::fromArray($place), PaneExceptions::fromArray($exceptions));
}

function aPage(string $id, array $panes = [], ?string $label = null, ?string $parent = null, int $position = 0, string $body = 'b', string $title = 'T'): Page
{
    return new Page($id, $id, $title, $label, $parent, $position, false, $body, false, $panes);
}

/** What a browser makes of the style of a place, by the rules of CSS for a block in a column: its width in px. */
function browserWidth(string $css, float $window, PageFrame $frame): float
{
    $column = min($window - 2 * $frame->margin, $frame->content);
    // What is said of the text beside it is not said of itself.
    $css = (string) preg_replace('/\.zp-at-p~[^{}]*\{[^{}]*\}/', '', $css);
    preg_match_all('/@media\(min-width:(\d+)px\)\{([^{}]+)\{([^{}]*)\}\}/', $css, $media, PREG_SET_ORDER);
    preg_match_all('/\.zp-at-p\{([^{}]*)\}/', (string) preg_replace('/@media[^{]*\{[^{}]*\{[^{}]*\}\}/', '', $css), $plain, PREG_SET_ORDER);
    $said = implode(';', array_column($plain, 1));
    foreach ($media as [, $from, , $declarations]) {
        $said .= $window >= (float) $from ? ";{$declarations}" : '';
    }
    $last = static fn (string $property): ?string => preg_match_all('/(?:^|;)'.$property.':([^;]+)/', $said, $found) > 0 ? end($found[1]) : null;
    $length = static function (string $value) use ($column): float {
        preg_match('/^(?:calc\()?(?:([\d.]+)%)?(?: ?([+-]) )?(?:([\d.]+)px)?\)?$/', $value, $l);

        return (float) ($l[1] ?? 0) * $column / 100 + (($l[2] ?? '') === '-' ? -1 : 1) * (float) ($l[3] ?? 0);
    };
    if ($last('margin-inline') === 'calc(50% - 50vw)') {
        return $window;
    }
    $width = $last('width') === null ? $column : $length($last('width'));
    $most = $last('max-width');

    return $most === null ? $width : min($width, $length($most));
}

it('tells as a line what a browser makes of the style, at every width of the window', function (array $place): void {
    $dice = dice(12);
    foreach ([new PageFrame(18, 1120, 684), new PageFrame(40, 760, 700), new PageFrame(0, 500, 480)] as $frame) {
        $pane = PaneDesign::fromArray($place);
        $css = (string) PaneCss::of('p', $pane, $frame);
        $line = $frame->of($pane);
        for ($i = 0; $i < 160; $i++) {
            $window = $i < 4 ? [240, 623, 624, 3840][$i] : $dice->getInt(240, 3840);
            // Where it is narrower than its px say, the least that a window leaves is what it has.
            expect(browserWidth($css, $window, $frame))->toEqualWithDelta($line->at($window), 0.51, "{$window} px: {$css}");
        }
        foreach ($line->steps as $i => [$from]) {
            expect($from)->toBeGreaterThan($i === 0 ? -1 : $line->steps[$i - 1][0]);
        }
    }
})->with([
    'wide' => [[]], 'edges' => [['width' => 'edges']], 'text' => [['width' => 'text', 'side' => 'middle']],
    'half left' => [['width' => 'half']], 'half in the middle' => [['width' => 'half', 'side' => 'middle']], 'half right' => [['width' => 'half', 'side' => 'end']],
    'px' => [['width' => 'px', 'px' => 558]], 'px right' => [['width' => 'px', 'px' => 300, 'side' => 'end']], 'px wider than the page' => [['width' => 'px', 'px' => 2400, 'side' => 'middle']],
]);

it('makes halves whole on phones, and lets no text be squeezed beside a gallery', function (): void {
    $frame = new PageFrame(18, 1120, 684);
    $half = PaneDesign::fromArray(['width' => 'half']);
    expect($frame->of($half)->at(390))->toBe(354.0)->and($frame->of($half)->at(1280))->toBe(546.0)
        ->and($frame->of($half)->between(240, 700)[1])->toBeGreaterThan(580.0);
    $narrow = PaneDesign::fromArray(['width' => 'px', 'px' => 558]);
    $from = $frame->flowsFrom($narrow);
    expect($frame->column()->at($from) - 558 - PaneDesign::BESIDE)->toBeGreaterThanOrEqual(220.0)
        ->and($frame->column()->at($from - 2) - 558 - PaneDesign::BESIDE)->toBeLessThan(220.0)
        ->and($frame->flowsFrom(PaneDesign::fromArray(['width' => 'px', 'px' => 1100])))->toBeNull()
        ->and($frame->flowsFrom(PaneDesign::fromArray(['width' => 'half', 'side' => 'middle'])))->toBeNull()
        ->and($frame->marks(1280))->toBe([546, 684, 1120]);
});

it('knows the frame of a page by two measures of the room there', function (int $margin, int $content): void {
    $real = ContentWidth::page($margin, $content);
    $known = PageFrame::measured(390, (int) $real->at(390), 1280, (int) $real->at(1280))->column();
    foreach ([320, 390, 700, 1000, 1280] as $window) {
        expect($known->at($window))->toEqualWithDelta($real->at($window), 1.0);
    }
})->with([[18, 1120], [0, 900], [25, 3000]]);

it('refuses what a place cannot be, with field and limit', function (array $place, string $field): void {
    try {
        PaneDesign::default()->with($place);
        $this->fail('It was taken.');
    } catch (SettingException $refusal) {
        expect($refusal->field)->toBe($field)->and($refusal->allowed)->not->toBe('');
    }
})->with([
    [['px' => 5], 'place.px'], [['px' => 99999], 'place.px'], [['px' => '558'], 'place.px'], [['width' => 'huge'], 'place.width'], [['side' => 'left'], 'place.side'],
    [['above' => -1], 'place.above'], [['below' => 241], 'place.below'], [['float' => 'left'], 'place.float'],
]);

it('lets a place differ only in what a place may, and never in what a gallery is called', function (array $exceptions, ?string $field): void {
    if ($field === null) {
        expect(PaneExceptions::fromArray($exceptions)->toArray())->toEqual($exceptions);

        return;
    }
    expect(fn () => PaneExceptions::fromArray($exceptions))->toThrow(fn (SettingException $refusal) => expect($refusal->field)->toStartWith($field));
})->with([
    [['design' => ['layout' => ['columns' => 4]], 'tile_size' => 'large', 'album' => 'a1', 'left_out' => ['i1']], null],
    [['design' => ['layout' => ['phone' => ['columns' => 2]], 'finish' => ['captions' => ['place' => 'below']], 'viewer' => ['click' => ['act' => 'place']]]], null],
    [['design' => ['layout' => ['kind' => 'rows']]], 'exceptions.design'], [['design' => ['finish' => ['own' => ['id' => 'x']]]], 'exceptions.design'],
    [['design' => ['layout' => ['columns' => 99]]], 'design.layout.columns'], [['tile_size' => 'vast'], 'tile_size'], [['album' => ['x']], 'exceptions.album'],
    [['left_out' => 'all'], 'exceptions.left_out'], [['colour' => 'red'], 'exceptions.'],
]);

it('shows in a place what is otherwise there, and all else as the gallery has it', function (): void {
    $plain = galleryOf(shownAs(someShapes(6, 1)), designOf(['column_rule' => 'fit', 'tile_width' => 200]));
    $gallery = new FrozenGallery($plain->about, $plain->design, $plain->albums, $plain->items, $plain->inAlbums, $plain->large, null, array_map(static fn (int $n): string => "0000000{$n}", range(1, 6)));
    $here = PaneExceptions::fromArray(['design' => ['layout' => ['columns' => 2]], 'left_out' => ['ITEM-00000003']])->in($gallery);
    expect($here->design->layout->columns)->toBe(2)->and($here->design->layout->columnRule->value)->toBe('count')
        ->and($here->keys)->toBe(array_values(array_diff($gallery->keys, ['00000003'])))->and(count($here->items))->toBe(5)
        ->and(PaneExceptions::none()->in($gallery))->toBe($gallery);
    // The gallery changes: what is not otherwise follows.
    $later = $gallery->designed($gallery->design->with(['layout' => ['gap' => 31, 'columns' => 7]]));
    $there = PaneExceptions::fromArray(['design' => ['layout' => ['columns' => 2]]])->in($later);
    expect($there->design->layout->gap)->toBe(31)->and($there->design->layout->columns)->toBe(2);
    // An album that is no more leaves the gallery whole.
    expect(count(PaneExceptions::fromArray(['album' => 'gone'])->in($gallery)->items))->toBe(6);
});

it('takes addresses that are some, and says of others what is wrong', function (mixed $given, ?string $field): void {
    $taken = ['kites' => 'Kites'];
    $field === null
        ? expect(PageAddress::checked($given, $taken))->toBe($given)
        : expect(fn () => PageAddress::checked($given, $taken))->toThrow(fn (SiteException $refusal) => expect($refusal->field)->toBe($field)->and($refusal->getMessage())->not->toBe(''));
})->with([
    ['kites-to-hire', null], ['kites/to-hire', null], ['a1', null], ['two words', 'address'], ['Kites-To-Hire', 'address'], ['kites', 'address'], ['studio', 'address'], ['media/x', 'address'],
    [str_repeat('a', 300), 'address'], ['', 'address'], ['../up', 'address'], ['a//b', 'address'], ['a/', 'address'], ['-a', 'address'], [['x'], 'address'], ["a\n", 'address'], ['a/b/c/d/e', 'address'], ['käse', 'address'],
]);

it('makes of any title an address that can be one, and another for each page', function (): void {
    $dice = dice(3);
    $taken = [];
    foreach (['Kites', 'Kites', 'Studio', 'Käse & Öl', '日本', '…', str_repeat('long ', 60), 'home', ...array_map(fn (): string => $dice->getBytes($dice->getInt(1, 40)), range(1, 60))] as $title) {
        $address = PageAddress::of($title, $taken);
        expect(PageAddress::checked($address, $taken))->toBe($address);
        $taken[$address] = $title;
        expect(Pane::checkedName(Pane::nameFor($title, []), []))->toBe(Pane::nameFor($title, []));
    }
    expect(array_key_first($taken))->toBe('kites')->and($taken)->toHaveKey('kites-2')->toHaveKey('kase-ol')->toHaveKey('page-studio')
        ->and(Pane::nameFor('From the workshop', ['from-the-workshop']))->toBe('from-the-workshop-2')->and(Pane::nameFor('1904', []))->toBe('gallery-1904');
});

it('loses no page from the menu, whatever stands below what', function (): void {
    $dice = dice(8);
    $count = static fn (array $entries): int => array_sum(array_map(static fn (MenuEntry $entry): int => 1 + $GLOBALS['count']($entry->below), $entries));
    $GLOBALS['count'] = $count;
    for ($i = 0; $i < 200; $i++) {
        $ids = array_map(static fn (int $n): string => "p{$n}", range(1, $dice->getInt(1, 9)));
        // Any parent, itself and circles among them.
        $pages = array_map(static fn (string $id): Page => aPage($id, [], $dice->getInt(0, 3) === 0 ? null : $id, $dice->getInt(0, 1) === 0 ? null : $ids[$dice->getInt(0, count($ids) - 1)], $dice->getInt(0, 5)), $ids);
        expect($count(Menu::of($pages)))->toBe(count(array_filter($pages, static fn (Page $page): bool => $page->label !== null)));
    }
});

it('refuses a menu in which a page stands below itself, below what is not in it, or too deep', function (array $parents, ?string $says): void {
    $pages = [aPage('a', [], 'A'), aPage('b', [], 'B'), aPage('c', [], 'C'), aPage('d', [], 'D'), aPage('n')];
    $order = array_map(static fn (Page $page): array => ['id' => $page->id, 'parent' => $parents[$page->id] ?? null], $pages);
    $says === null
        ? expect(Menu::checked($pages, $order))->toBeNull()
        : expect(fn () => Menu::checked($pages, $order))->toThrow(SiteException::class, $says);
})->with([
    [['b' => 'a', 'c' => 'b'], null], [['a' => 'a'], 'below itself'], [['a' => 'b', 'b' => 'a'], 'below itself'], [['a' => 'n'], 'not in the menu'], [['a' => 'gone'], 'not in the menu'],
    [['b' => 'a', 'c' => 'b', 'd' => 'c'], 'at most 3 levels'],
]);

it('keeps a gallery behind the part that it stood behind, however parts are moved', function (): void {
    $dice = dice(21);
    $part = static fn (string $id): Part => new Part($id, PartKind::Paragraph, $id);
    for ($i = 0; $i < 300; $i++) {
        $before = array_map(static fn (int $n): string => "p{$n}", range(1, $dice->getInt(1, 8)));
        $after = $dice->shuffleArray(array_values(array_filter([...$before, 'new1', 'new2'], static fn (): bool => $dice->getInt(0, 3) > 0)));
        $spot = $dice->getInt(0, count($before));
        $moved = Parts::of(array_map($part, $before))->movedSpot($spot, Parts::of(array_map($part, $after)));
        // Told by nothing but the lists: the last part before it that is still there, else the top.
        $left = array_values(array_intersect(array_slice($before, 0, $spot), $after));
        expect($moved)->toBe($left === [] ? 0 : array_search(end($left), $after, true) + 1);
    }
});

it('tells in words what was changed of a page, and nothing of what was not', function (): void {
    $titles = ['g' => 'From the workshop', 'h' => 'Night'];
    $bodies = ['b' => Parts::of([new Part('1', PartKind::Heading, 'Repairs'), new Part('2', PartKind::Paragraph, 'A torn <b>cell</b>, a snapped spar, a line')]), 'c' => Parts::of([new Part('2', PartKind::Paragraph, 'A mended cell'), new Part('3', PartKind::List, '<li>One</li>')])];
    $words = new SiteWords(static fn (string $id): string => $titles[$id], static fn (Page $page): ?Parts => $bodies[$page->body]);
    $state = static fn (Page ...$pages): SiteState => SiteState::of(array_values($pages), []);
    $old = aPage('p', [aPane('1', 'g', 2)], 'Repairs', null, 0, 'b', 'Repairs');
    expect($words->between($state($old), $state($old)))->toBe([])
        ->and($words->between(SiteState::none(), $state($old)))->toBe(['p' => ['a new page', '“From the workshop” appears after “A torn cell , a snapped …”, wide']])
        ->and($words->between($state($old), SiteState::none()))->toBe(['p' => ['the page is taken off']])
        ->and($words->between($state($old), $state(new Page('p', 'mending', 'Mending', null, null, 0, true, 'c', false, [aPane('1', 'g', 0, ['width' => 'half', 'side' => 'end', 'above' => 12], ['design' => ['layout' => ['columns' => 4]], 'left_out' => ['a', 'b']], 'y'), aPane('2', 'h', 9)])))['p'])
        ->toBe(['“Repairs” becomes “Mending”', 'its address /p becomes /mending', 'out of the menu', 'comments on', '“A torn cell , a snapped …” reworded', '“One” put in', '“Repairs” taken out',
            '“From the workshop”: now at the top, half wide, to the right, 12 px of space above, #x becomes #y, only here how many columns 4, 2 pictures left out', '“Night” appears at the end, wide']);
});

it('puts live what was chosen and nothing of anybody else', function (): void {
    $live = SiteState::of([aPage('p', [aPane('1', 'g', 1), aPane('2', 'h', 1)], 'P', null, 0, 'old'), aPage('q', [aPane('3', 'h')], 'Q')], [aPane('4', 'h')]);
    $saved = SiteState::of([aPage('p', [aPane('1', 'g', 0, ['width' => 'half']), aPane('2', 'h', 3, ['width' => 'edges'])], 'New', null, 0, 'new'), aPage('r', [aPane('5', 'g')]), aPage('s', [aPane('6', 'h')])], [aPane('7', 'g', 1)]);
    $next = $live->with($saved, ['g'], []);
    expect(array_keys($next->pages))->toBe(['p', 'q', 'r'])
        // Title, menu and words of the page stay, and the places of the other gallery.
        ->and([$next->pages['p']->label, $next->pages['p']->body])->toBe(['P', 'old'])
        ->and($next->pages['p']->panesOf('h')[0]->toArray())->toBe($live->pages['p']->panesOf('h')[0]->toArray())
        ->and($next->pages['p']->panesOf('g')[0]->design->width->value)->toBe('half')
        ->and(array_column(array_map(fn (Pane $pane): array => $pane->toArray(), $next->frame), 'id'))->toBe(['4', '7']);
    $pages = $live->with($saved, [], ['p', 'q']);
    expect(array_keys($pages->pages))->toBe(['p'])->and($pages->pages['p']->body)->toBe('new')
        // Between other words it stands where it is saved, as it went live.
        ->and([$pages->pages['p']->panesOf('h')[0]->spot, $pages->pages['p']->panesOf('h')[0]->design->width->value])->toBe([3, 'wide'])
        ->and($live->with($saved, ['g'], [], ['r'])->pages)->not->toHaveKey('r')->and($live->with($saved, ['g'], ['r'], ['r'])->pages)->toHaveKey('r')
        ->and(SiteState::fromArray(json_decode(json_encode($next->toArray()), true))->isSameAs($next))->toBeTrue()
        ->and($next->withoutGallery('h')->galleries())->toBe(['g'])->and($next->withoutPage('p')->pages)->not->toHaveKey('p');
});

it('is the same to put live one after the other as together', function (): void {
    $dice = dice(77);
    $any = function () use ($dice): SiteState {
        $pages = [];
        foreach (['p', 'q', 'r'] as $id) {
            $panes = array_map(static fn (string $gallery): Pane => aPane($id.$gallery, $gallery, $dice->getInt(0, 2), ['width' => ['half', 'wide', 'text'][$dice->getInt(0, 2)]]), array_values(array_filter(['g', 'h'], static fn (): bool => $dice->getInt(0, 1) === 1)));
            $dice->getInt(0, 3) === 0 ?: $pages[] = aPage($id, [], null, null, 0, 'b'.$dice->getInt(0, 1))->holding($panes);
        }

        return SiteState::of($pages, []);
    };
    for ($i = 0; $i < 200; $i++) {
        [$live, $saved] = [$any(), $any()];
        $all = array_keys($saved->pages + $live->pages);
        $together = $live->with($saved, ['g', 'h'], $all);
        expect($live->with($saved, [], $all)->with($saved, ['g'], [])->with($saved, ['h'], [])->toArray())->toBe($together->toArray())
            ->and($together->toArray())->toBe($saved->toArray())
            ->and($together->with($saved, ['g'], $all)->toArray())->toBe($together->toArray());
    }
});

it('takes a comment of words and refuses others by field', function (string $name, string $text, array $fields): void {
    expect(array_keys(CommentRules::refusals($name, $text)))->toBe($fields);
})->with([
    ['Wren', "Ours is\nthe striped one.", []], ['', 'x', ['name']], ['Wren', ' ', ['text']], [str_repeat('w', 61), 'x', ['name']], ['Wren', str_repeat('x', 100_000), ['text']],
    ['Wren', 'see https://elsewhere.example', ['text']], ['Wren', 'WWW.elsewhere.example', ['text']], ['buy.shop now', '[url=x]', ['name', 'text']], ['Wren', '<a href=x>y</a>', ['text']],
]);
