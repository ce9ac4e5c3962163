<?php

declare(strict_types=1);

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Site\CommentRules;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\PageAddress;
use ZincPane\Core\Site\PageFrame;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\PaneDesign;
use ZincPane\Core\Site\PaneExceptions;
use ZincPane\Core\Site\PaneSide;
use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\PartKind;
use ZincPane\Core\Site\PartMarkup;
use ZincPane\Core\Site\SiteException;
use ZincPane\Core\Site\SiteState;
use ZincPane\Core\Site\SiteWords;

covers(Page::class, PageAddress::class, CommentRules::class, PaneDesign::class, PaneExceptions::class, PageFrame::class, Part::class, PartKind::class, PartMarkup::class, SiteWords::class);

/* Where exactly a limit lies, and what a browser makes of a picture that stands by itself. */

it('takes what is just short enough, and refuses one character more by field, length and limit', function (Closure $try, int $most, string $field): void {
    expect($try($most))->not->toBeNull();
    try {
        $try($most + 1);
        $this->fail('It was taken.');
    } catch (SiteException|SettingException $refusal) {
        expect($refusal->field)->toBe($field)->and($refusal->getMessage())->toContain((string) $most);
    }
})->with([
    'a title' => [fn (int $n): string => Page::checkedTitle('  '.str_repeat('ä', $n).' '), 120, 'title'],
    'a label' => [fn (int $n): ?string => Page::checkedLabel(' '.str_repeat('ä', $n)), 40, 'menu_label'],
    'an address' => [fn (int $n): string => PageAddress::checked(str_repeat('a', $n), []), 80, 'address'],
    'a name' => [fn (int $n): string => Pane::checkedName(str_repeat('a', $n), []), 60, 'name'],
    'words' => [fn (int $n): Part => Part::parse(['id' => 'a', 'kind' => 'lead', 'html' => str_repeat('ä', $n)], fn (PartKind $kind, string $html): string => $html), 20_000, 'parts.html'],
    'a caption' => [fn (int $n): Part => Part::parse(['id' => 'a', 'kind' => 'picture', 'picture' => 'p', 'caption' => str_repeat('ä', $n)], fn (PartKind $kind, string $html): string => $html), 500, 'parts.caption'],
    'an album' => [fn (int $n): PaneExceptions => PaneExceptions::fromArray(['album' => str_repeat('a', $n)]), 26, 'exceptions.album'],
    'space' => [fn (int $n): PaneDesign => PaneDesign::default()->with(['above' => $n]), 240, 'place.above'],
    'px' => [fn (int $n): PaneDesign => PaneDesign::default()->with(['px' => $n]), 2400, 'place.px'],
]);

it('keeps of titles and labels what is between the blanks, and tells empty ones from none', function (): void {
    expect(Page::checkedTitle("\t Kites \n"))->toBe('Kites')->and(Page::checkedLabel(' To hire '))->toBe('To hire')->and(Page::checkedLabel(null))->toBeNull();
    foreach ([fn () => Page::checkedTitle("\n "), fn () => Page::checkedLabel('  ')] as $try) {
        expect($try)->toThrow(SiteException::class);
    }
    foreach (['studio', 'studio/x', 'media.html', 'ASSETS', 'look/me'] as $reserved) {
        expect(fn () => PageAddress::refuseReserved($reserved))->toThrow(fn (SiteException $refusal) => expect($refusal->field)->toBe('address'));
    }
    PageAddress::refuseReserved('studios');
    expect(PageAddress::of('Studios', []))->toBe('studios')->and(PageAddress::checked('a/b/c/d', []))->toBe('a/b/c/d');
    // Of a comment both limits, to the character; blanks around it do not count.
    foreach ([[60, 2000, []], [61, 2000, ['name' => 'comment_long']], [60, 2001, ['text' => 'comment_long']], [0, 0, ['name' => 'comment_empty', 'text' => 'comment_empty']]] as [$name, $text, $refusals]) {
        expect(CommentRules::refusals(' '.str_repeat('ä', $name), str_repeat('ä', $text)."\n"))->toBe($refusals);
    }
    expect(CommentRules::cleaned("a\r\nb\u{2028}c\u{0007}d\n\n\n\ne\u{202E}", true))->toBe("a\nb\nc d\n\ne")->and(CommentRules::cleaned("a\nb", false))->toBe('a b');
});

it('has space of its own on a line of its own, and less beside text', function (): void {
    foreach ([[[], 28, 40], [['width' => 'half'], 8, 20], [['width' => 'half', 'side' => 'middle'], 28, 40], [['width' => 'px', 'side' => 'end'], 8, 20], [['width' => 'half', 'above' => 0, 'below' => 7], 0, 7], [['width' => 'text', 'side' => 'end'], 28, 40]] as [$place, $above, $below]) {
        $design = PaneDesign::fromArray($place);
        expect([$design->spaceAbove(), $design->spaceBelow()])->toBe([$above, $below], json_encode($place));
    }
});

it('tells of the menu only what visitors can see of it', function (): void {
    $words = new SiteWords(static fn (string $id): string => $id, static fn (): null => null);
    $page = static fn (?string $label, ?string $parent, int $position): SiteState => SiteState::of([new Page('p', 'p', 'P', $label, $parent, $position, false, 'b', false, [])], []);
    $told = static fn (SiteState $one, SiteState $other): array => $words->between($one, $other)['p'] ?? [];
    expect($told($page('P', null, 1), $page('P', null, 2)))->toBe(['in another place of the menu'])
        ->and($told($page('P', null, 1), $page('P', 'q', 1)))->toBe(['in another place of the menu'])
        ->and($told($page(null, null, 1), $page('P', null, 2)))->toBe(['in the menu as “P”'])
        ->and($told($page('P', null, 1), $page(null, null, 2)))->toBe(['out of the menu']);
    // Where nobody can see it, only that something is otherwise is kept.
    expect($told($page(null, null, 1), $page(null, null, 2)))->toBe([]);
});

it('tells a browser of a single picture how wide it is, at every width of the window', function (array $frame, string $side): void {
    $frame = new PageFrame(...$frame);
    $files = array_map(static fn (int $width): Rendition => new Rendition($width, Format::WebP), [1600, 240, 540]);
    $picture = new ShownPicture(Size::of(1600, 1200), FocalPoint::centre(), Words::fromArray(['alt' => 'A "kite"']), '/media/k', [...$files, new Rendition(540, Format::Jpeg), new Rendition(1600, Format::Jpeg)]);
    $markup = new PartMarkup($frame, Addresses::rooted());
    $html = $markup->of(new Part('s', PartKind::Picture, picture: 'k', caption: '<b>By itself</b>', side: PaneSide::from($side)), $picture);
    expect($html)->toContain('<figcaption>&lt;b&gt;By itself&lt;/b&gt;</figcaption>')->toContain('alt="A &quot;kite&quot;"')->toContain('width="1600" height="1200"')->toMatch('~src="/media/k/(540|1600)\.jpg"~')
        ->toContain('srcset="/media/k/240.webp 240w, /media/k/540.webp 540w, /media/k/1600.webp 1600w"')->and(str_contains($html, "data-side=\"{$side}\""))->toBe($side !== 'middle');
    preg_match('/sizes="([^"]*)"/', $html, $sizes);
    $css = (string) $markup->css();
    foreach (range(240, 2400, 37) as $window) {
        // The style, by the rules of CSS: a block as wide as its column up to max-width, or half of it where it floats.
        $column = min($window - 2 * $frame->margin, $frame->content);
        preg_match('/max-width:(\d+)px/', $css, $most);
        preg_match('/@media\(min-width:(\d+)px\)/', $css, $from);
        $floats = $side !== 'middle' && $from !== [] && $window >= (int) $from[1];
        $isHalf = preg_match('/\[data-side='.$side.'\]\{float:inline-'.$side.';width:calc\(50% - (\d+)px\)/', $css, $less) === 1;
        $wide = min($floats && $isHalf ? $column / 2 - (int) $less[1] : $column, (int) $most[1]);
        // And what is told of it, by the rules of HTML: the first condition that holds.
        foreach (explode(',', $sizes[1]) as $one) {
            if (preg_match('/^\s*(?:\(min-width: ?([\d.]+)px\) )?(.+)$/', $one, $told) === 1 && ($told[1] === '' || $window >= (float) $told[1])) {
                preg_match('/^(?:calc\()?(?:([\d.]+)vw)?(?: ?([+-]) )?(?:([\d.]+)px)?\)?$/', $told[2], $length);
                $said = (float) ($length[1] ?? 0) * $window / 100 + (($length[2] ?? '') === '-' ? -1 : 1) * (float) ($length[3] ?? 0);
                break;
            }
        }
        expect($said ?? null)->toEqualWithDelta($wide, 1.5, "{$window} px: {$sizes[1]} and {$css}");
    }
})->with([[[18, 1120, 684]], [[40, 900, 900]], [[0, 500, 480]]])->with(['start', 'middle', 'end']);

it('says of every part with what it begins, and what it is where it has no words', function (): void {
    $says = static fn (PartKind $kind, string $html = '', string $caption = ''): string => (new Part('a', $kind, $html, caption: $caption, picture: $kind === PartKind::Picture ? 'p' : null))->says();
    expect($says(PartKind::Paragraph, 'One two three four five six'))->toBe('“One two three four five six”')
        ->and($says(PartKind::Paragraph, 'One two <b>three</b> four five&amp;more six, seven'))->toBe('“One two three four five&more six …”')
        ->and($says(PartKind::Picture, '', 'By itself'))->toBe('“By itself”')->and($says(PartKind::Picture))->toBe('the single picture')
        ->and($says(PartKind::Heading))->toBe('an empty heading')->and($says(PartKind::List, '<li>One</li><li>Two</li>'))->toBe('“One Two”');
});

it('draws each kind of part as its element, and nothing of a picture that is gone', function (): void {
    $markup = new PartMarkup(new PageFrame(18, 1120, 684), Addresses::rooted());
    foreach ([
        '<h1>x</h1>' => new Part('a', PartKind::Heading, 'x', 1), '<h3>x</h3>' => new Part('a', PartKind::Heading, 'x', 3), '<p class="lead">x</p>' => new Part('a', PartKind::Lead, 'x'), '<p>x<br>y</p>' => new Part('a', PartKind::Paragraph, 'x<br>y'),
        '<ul><li>x</li></ul>' => new Part('a', PartKind::List, '<li>x</li>'), '<ol><li>x</li></ol>' => new Part('a', PartKind::List, '<li>x</li>', ordered: true), '<dl></dl>' => new Part('a', PartKind::Kept, '<dl></dl>'), '' => new Part('a', PartKind::Picture, picture: 'gone'),
    ] as $html => $part) {
        expect($markup->of($part))->toBe($html);
    }
});

it('shows in a place the pictures of its album that are not left out, with all that belongs to each, in their order', function (): void {
    $dice = dice(21);
    $albums = Albums::parse([['id' => 'a', 'name' => 'Morning'], ['id' => 'b', 'name' => 'Evening']], 'headings');
    for ($i = 0; $i < 200; $i++) {
        $count = $dice->getInt(1, 12);
        $rows = array_map(static fn (int $n): array => [sprintf('%08d', $n), ['a', 'b', null][$dice->getInt(0, 2)], $dice->getInt(0, 1) === 1, $dice->getInt(0, 1) === 1 ? 'file' : null], range(1, $count));
        $plain = galleryOf(shownAs(someShapes($count, $i)));
        $gallery = new FrozenGallery($plain->about, $plain->design, $albums, $plain->items, array_column($rows, 1), array_column($rows, 2), null, array_column($rows, 0), array_column($rows, 3));
        $album = ['a', 'b', 'gone', null][$dice->getInt(0, 3)];
        $out = array_values(array_filter(array_column($rows, 0), static fn (): bool => $dice->getInt(0, 2) === 0));
        $here = PaneExceptions::fromArray(['album' => $album, 'left_out' => array_map(static fn (string $key): string => "01ITEM{$key}", $out)])->in($gallery);
        // One row after the other, as one would tick them off on paper.
        $expected = $items = [];
        foreach ($rows as $at => $row) {
            $isThere = $album === null || $album === 'gone' || $row[1] === $album;
            foreach ($out as $key) {
                $isThere = $isThere && $key !== $row[0];
            }
            if ($isThere) {
                $expected[] = $row;
                $items[] = $gallery->items[$at];
            }
        }
        expect(array_map(null, $here->keys, $here->inAlbums, $here->large, $here->clicks))->toBe($expected)->and($here->items)->toBe($items);
    }
});

it('tells of settings of a place those that were changed, and no others', function (): void {
    $with = static fn (array $design): SiteState => SiteState::of([new Page('p', 'p', 'P', null, null, 0, false, 'b', false, [new Pane('1', 'g', 0, 'g', PaneDesign::default(), PaneExceptions::fromArray(['design' => $design]), null, [])])], []);
    $told = static fn (array $before, array $after): array => (new SiteWords(static fn (): string => 'G', static fn (): null => null))->between($with($before), $with($after))['p'] ?? [];
    $had = ['layout' => ['columns' => 5], 'finish' => ['captions' => ['place' => 'below']]];
    expect($told($had, ['layout' => ['columns' => 6]] + $had))->toBe(['“G”: only here how many columns 6'])
        ->and($told($had, ['finish' => ['captions' => ['place' => 'none']]] + $had))->toHaveCount(1)
        ->and($told($had, ['layout' => ['columns' => 5]]))->toHaveCount(1)->and($told($had, $had))->toBe([]);
});

it('knows of a page from outside how wide its words are, and whether that is all there is', function (): void {
    // Margins of 18 px at both sides of a window of 1280: 1244 is all, 1243 is a greatest width that was reached.
    foreach ([[1244, ContentWidth::WIDEST], [1280, ContentWidth::WIDEST], [1243, 1243], [684, 684]] as [$inWide, $content]) {
        $frame = PageFrame::measured(390, 354, 1280, $inWide);
        expect([$frame->margin, $frame->content])->toBe([18, $content]);
    }
    expect(PageFrame::measured(390, 400, 1280, 1280)->margin)->toBe(0);
    $written = array_filter(PartKind::cases(), static fn (PartKind $kind): bool => ! $kind->isWritten());
    expect(array_values($written))->toEqualCanonicalizing([PartKind::Kept, PartKind::Picture]);
    foreach ([5, null, ['a'], true] as $id) {
        expect(fn () => Part::parse(['id' => $id, 'kind' => 'lead', 'html' => ''], fn (PartKind $kind, string $html): string => $html))->toThrow(SiteException::class);
    }
});
