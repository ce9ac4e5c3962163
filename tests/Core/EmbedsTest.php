<?php

declare(strict_types=1);

use Masterminds\HTML5;
use ZincPane\Core\Access\AccessException;
use ZincPane\Core\Access\EmbedOrigins;
use ZincPane\Core\Access\EmbedRule;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\CleanHtml;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Embeds\EmbedKind;
use ZincPane\Core\Embeds\Embeds;
use ZincPane\Core\Embeds\EmbedSource;
use ZincPane\Core\Embeds\Found;
use ZincPane\Core\Embeds\FoundPart;
use ZincPane\Core\Embeds\FrameHeight;
use ZincPane\Core\Embeds\HtmlCss;
use ZincPane\Core\Embeds\ImagesOnly;
use ZincPane\Core\Embeds\Inspection;
use ZincPane\Core\Embeds\KnownGallery;
use ZincPane\Core\Embeds\OEmbed;
use ZincPane\Core\Embeds\PagePolicy;
use ZincPane\Core\Embeds\Room;
use ZincPane\Core\Embeds\ScriptEmbed;
use ZincPane\Core\Embeds\Stamp;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Phrases\Phrases;

covers(Embeds::class, ScriptEmbed::class, HtmlCss::class, ImagesOnly::class, OEmbed::class, Room::class, FrameHeight::class, Inspection::class, PagePolicy::class, EmbedOrigins::class);

const ID = '01jd0000000000000000000000';

/** A gallery of pictures of many shapes, ready to be embedded. */
function sourceOf(int $count, array $design = [], ?ContentWidth $content = null, bool $isWhole = false): EmbedSource
{
    $sizes = [Size::of(1500, 1000), Size::of(1000, 1500), Size::of(1200, 1200), Size::of(3000, 1100)];
    $items = [];
    for ($n = 0; $n < $count; $n++) {
        $size = $sizes[$n % 4];
        $items[] = new ShownPicture($size, FocalPoint::centre(), new Words("Red kite {$n}", 'Over the dyke', "A red kite, number {$n}"), sprintf('/media/%024x', $n * 7919 + 1), array_values(RenditionPlan::basic()->for($size)));
    }
    $gallery = galleryOf($items, GalleryDesign::default()->with($design), Albums::none(), array_fill(0, $count, null), About::titled('Kites'));
    if ($isWhole) {
        $plan = RenditionPlan::of($gallery->design, [$gallery->sections(new Sections(new Arranger))[0]->arrangement], $gallery->acts());
        $items = array_map(static fn (ShownPicture $one): ShownPicture => new ShownPicture($one->size, $one->focal, $one->words, $one->address, array_values($plan->for($one->size))), $items);
        $gallery = galleryOf($items, $gallery->design, Albums::none(), array_fill(0, $count, null), About::titled('Kites'));
    }

    return new EmbedSource(ID, $gallery, $gallery->sections(new Sections(new Arranger)), 'https://saltreed.example', Phrases::in('en'), $content ?? ContentWidth::unknown());
}

function known(array $stamps = [], int $pictures = 3, bool $isLive = true, bool $isLocked = false, ?EmbedOrigins $origins = null): array
{
    return [ID => new KnownGallery(ID, 'Kites', $isLive, $isLocked, $origins ?? EmbedOrigins::anyone(), $pictures, $stamps)];
}

/** @return list<string> */
function codes(array $found, ?array $known = null): array
{
    return array_map(static fn ($finding): string => $finding->code, (new Inspection($found, $known ?? known()))->findings());
}

it('is small: a line of less than 3 KB, and HTML and CSS of 24 pictures of at most 6 KB packed', function (array $design): void {
    // With all files that a place of any width and the large view ask for.
    $source = sourceOf(24, $design, isWhole: true);
    expect(count($source->gallery->items[0]->renditions))->toBeGreaterThan(12);
    [$line] = Embeds::one(EmbedKind::Script, $source)->pieces();
    $pieces = Embeds::one(EmbedKind::HtmlCss, $source)->pieces();
    expect(strlen($line->text))->toBeLessThan(3072)->and($pieces)->toHaveCount(2)
        ->and(strlen((string) gzencode($pieces[0]->text.$pieces[1]->text, 9)))->toBeLessThan(6 * 1024);
})->with([
    'tiled rows' => [['layout' => ['kind' => 'rows', 'row_height' => 220]]], 'a grid' => [['layout' => ['kind' => 'grid', 'columns' => 4]]],
    'masonry' => [['layout' => ['kind' => 'masonry', 'columns' => 4]]], 'a mosaic' => [['layout' => ['kind' => 'mosaic', 'row_height' => 200]]],
]);

it('asks for nothing but its own host, and names it whole', function (EmbedKind $kind): void {
    $html = implode('', array_map(static fn ($piece): string => $piece->text, Embeds::one($kind, sourceOf(4))->pieces()));
    $page = (new HTML5(['disable_html_ns' => true]))->loadHTML("<!doctype html><body>{$html}</body>");
    $addresses = [];
    foreach ($page->getElementsByTagName('*') as $element) {
        foreach (['src', 'href'] as $name) {
            $element->hasAttribute($name) && $addresses[] = $element->getAttribute($name);
        }
        foreach (preg_split('/,\s*/', $element->getAttribute('srcset'), -1, PREG_SPLIT_NO_EMPTY) as $one) {
            $addresses[] = $one;
        }
    }
    $kind === EmbedKind::OEmbed ? expect($html)->toBe('https://saltreed.example/embed/'.ID) : expect($addresses)->not->toBe([]);
    expect(preg_grep('~^https://saltreed\.example/~', $addresses, PREG_GREP_INVERT))->toBe([])->and($html)->not->toContain('{{');
})->with(EmbedKind::cases());

it('tells the very directives that its pieces need', function (): void {
    [$line] = Embeds::one(EmbedKind::Script, sourceOf(3))->pieces();
    preg_match('~<style>(.*?)</style>~s', $line->text, $style);
    expect(Embeds::one(EmbedKind::Script, sourceOf(3))->directives())->toBe([
        'script-src' => ['https://saltreed.example'], 'connect-src' => ['https://saltreed.example'], 'img-src' => ['https://saltreed.example'],
        'style-src' => ["'sha256-".base64_encode(hash('sha256', $style[1], true))."'"], 'trusted-types' => ['zinc-pane'],
    ]);
    [$head] = Embeds::one(EmbedKind::HtmlCss, sourceOf(3))->pieces();
    preg_match('~<style[^>]*>(.*?)</style>~s', $head->text, $style);
    expect(Embeds::one(EmbedKind::HtmlCss, sourceOf(3))->directives()['style-src'])->toBe([Stamp::csp($style[1])]);
});

it('is as high in a frame as the lowest of its tiles, at any width, and as its rules say', function (array $design): void {
    $source = sourceOf(13, $design);
    $height = new FrameHeight($source->gallery, $source->sections, $source->phrases);
    $css = (string) $height->css(ZincPane\Core\Markup\Style\Css::of('.f'));
    foreach ([240, 333, 500, 777, 1120, 1600] as $width) {
        $band = $source->sections[0]->arrangement->at($width);
        $lowest = 0.0;
        foreach ($band->boxes as $box) {
            $lowest = max($lowest, $box->top->at($width) + $box->height->at($width));
        }
        expect($height->at($width))->toBeGreaterThan($lowest - 0.01)->toBeLessThan($lowest + 1.01);
        // What the rules come to at that width: the last that holds.
        preg_match_all('~(?:@container ((?:\(width [<>]=? \d+px\)(?: and )?)+)\{)?\.f\{--h0:(?:calc\()?([\d.]+)cqw(?: ([+-]) ([\d.]+)px)?\)?\}~', $css, $rules, PREG_SET_ORDER);
        expect($rules)->not->toBe([]);
        $said = null;
        foreach ($rules as $rule) {
            preg_match('/>= (\d+)px/', $rule[1], $from);
            preg_match('/< (\d+)px/', $rule[1], $until);
            if ($width >= (int) ($from[1] ?? 0) && $width < (int) ($until[1] ?? PHP_INT_MAX)) {
                $said = (float) $rule[2] * $width / 100 + (float) (($rule[3] ?? '+').($rule[4] ?? '0'));
            }
        }
        expect($said)->toEqualWithDelta($lowest, 0.2);
    }
})->with([
    'tiled rows' => [['layout' => ['kind' => 'rows', 'row_height' => 220]]], 'a grid' => [['layout' => ['kind' => 'grid', 'columns' => 4]]], 'one per row' => [['layout' => ['kind' => 'single']]],
]);

it('answers within whatever bounds another site sets', function (): void {
    $dice = dice(7);
    for ($n = 0; $n < 200; $n++) {
        $width = $dice->getInt(0, 3) === 0 ? null : $dice->getInt(1, 2000);
        $high = $dice->getInt(0, 3) === 0 ? null : $dice->getInt(1, 2000);
        $answer = (new OEmbed(sourceOf(5)))->answer($width, $high, 'Saltreed');
        expect($answer['width'])->toBeGreaterThan(0)->toBeLessThanOrEqual($width ?? 960)->and($answer['height'])->toBeGreaterThan(0)->toBeLessThanOrEqual($high ?? PHP_INT_MAX)
            ->and($answer['html'])->toContain("width=\"{$answer['width']}\" height=\"{$answer['height']}\"");
        if (isset($answer['thumbnail_url'])) {
            expect($answer['thumbnail_width'])->toBeLessThanOrEqual($width ?? PHP_INT_MAX)->and($answer['thumbnail_height'])->toBeLessThanOrEqual($high ?? PHP_INT_MAX);
        } else {
            expect($answer)->not->toHaveKeys(['thumbnail_width', 'thumbnail_height']);
        }
    }
});

/** With other items in front of its pictures. */
function sourceWith(array $first, array $design = [], ?About $about = null): EmbedSource
{
    $source = sourceOf(4, $design);
    $items = [...$first, ...$source->gallery->items];
    $gallery = galleryOf($items, $source->gallery->design, Albums::none(), array_fill(0, count($items), null), $about ?? About::titled('Kites'));

    return new EmbedSource(ID, $gallery, $gallery->sections(new Sections(new Arranger)), 'https://saltreed.example', Phrases::in('en'), ContentWidth::unknown());
}

it('gives an address the size that is asked for, and the first picture that has room in it', function (?int $width, ?int $high, int $gets, ?array $thumbnail): void {
    $source = sourceWith([new ShownText(CleanHtml::cleanedBefore('<p>First a word</p>'), new Words)]);
    $answer = (new OEmbed($source))->answer($width, $high, 'Saltreed');
    $whole = (new FrameHeight($source->gallery, $source->sections, $source->phrases))->at($gets);
    expect([$answer['version'], $answer['type'], $answer['title'], $answer['provider_name'], $answer['provider_url'], $answer['cache_age']])->toBe(['1.0', 'rich', 'Kites', 'Saltreed', 'https://saltreed.example/', 3600])
        ->and([$answer['width'], $answer['height']])->toBe([$gets, min($whole, $high ?? $whole)])
        ->and(isset($answer['thumbnail_url']) ? [basename(dirname($answer['thumbnail_url'])), $answer['thumbnail_width'], $answer['thumbnail_height']] : null)->toBe($thumbnail);
})->with([
    'any' => [null, null, 960, [sprintf('%024x', 1), 540, 360]], 'a column' => [600, null, 600, [sprintf('%024x', 1), 540, 360]], 'all there is' => [2000, 9000, 960, [sprintf('%024x', 1), 540, 360]],
    'just as wide as the picture' => [540, 360, 540, [sprintf('%024x', 1), 540, 360]], 'a line: the flat one fits' => [700, 198, 700, [sprintf('%024x', 3 * 7919 + 1), 540, 198]], 'lower than any' => [700, 197, 700, null],
    'narrower than any' => [539, null, 539, null], 'very narrow' => [120, null, 120, null], 'one px' => [1, 1, 1, null],
]);

it('makes of pictures alone links of one height, that say what is seen', function (): void {
    $of = static fn (Words $words, int $n): ShownPicture => new ShownPicture(Size::of(900, 600), FocalPoint::centre(), $words, sprintf('/media/%024x', $n), array_values(RenditionPlan::basic()->for(Size::of(900, 600))));
    $first = [$of(new Words('Titled'), 500), new ShownText(CleanHtml::cleanedBefore('<p>Between</p>'), new Words), $of(new Words('Adorning', alt: 'never told', decorative: true), 501), $of(new Words('Both', alt: 'Described'), 502)];
    $seen = static function (EmbedSource $source): array {
        $page = (new HTML5(['disable_html_ns' => true]))->loadHTML('<!doctype html><body>'.Embeds::one(EmbedKind::Images, $source)->pieces()[0]->text);

        return array_map(static fn (DOMElement $image): array => [$image->getAttribute('alt'), (int) $image->getAttribute('width'), (int) $image->getAttribute('height'), $image->parentNode->nodeName, pathinfo($image->getAttribute('src'), PATHINFO_EXTENSION)], iterator_to_array($page->getElementsByTagName('img')));
    };
    expect($seen(sourceWith($first)))->toBe([
        ['Titled', 300, 200, 'a', 'jpg'], ['', 300, 200, 'a', 'jpg'], ['Described', 300, 200, 'a', 'jpg'],
        ['A red kite, number 0', 300, 200, 'a', 'jpg'], ['A red kite, number 1', 133, 200, 'a', 'jpg'], ['A red kite, number 2', 200, 200, 'a', 'jpg'], ['A red kite, number 3', 480, 176, 'a', 'jpg'],
    ])->and(array_unique(array_column($seen(sourceWith($first, ['viewer' => ['click' => ['act' => 'nothing']]])), 3)))->toBe(['p']);
    // The narrowest file that is wide enough.
    preg_match_all('~/(\d+)\.jpg" alt="[^"]*" width="(\d+)"~', Embeds::one(EmbedKind::Images, sourceWith([]))->pieces()[0]->text, $files, PREG_SET_ORDER);
    $widths = array_map(static fn ($rendition): int => $rendition->width, sourceWith([])->gallery->items[0]->fallbacks());
    foreach ($files as [, $file, $width]) {
        expect((int) $file)->toBeGreaterThanOrEqual((int) $width)->and(array_filter($widths, static fn (int $one): bool => $one >= (int) $width && $one < (int) $file))->toBe([]);
    }
    expect($files)->toHaveCount(4);
});

it('keeps room in a frame for each word and edge that stands there', function (array $design, array $about, int $more): void {
    $high = static function (array $design, array $about): int {
        $source = sourceWith([], $design, About::titled('Kites')->with(['description' => 'From the dyke', ...$about]));

        return (new FrameHeight($source->gallery, $source->sections, $source->phrases))->at(801);
    };
    $strip = ['layout' => ['kind' => 'strip', 'row_height' => 200]];
    expect($high(array_replace_recursive($strip, $design), $about) - $high($strip, []))->toBe($more);
})->with([
    'a title' => [[], ['shows_title' => true], 46], 'a description' => [[], ['shows_description' => true], 40], 'a description that says nothing' => [[], ['shows_description' => true, 'description' => ''], 0],
    'a hint above' => [['viewer' => ['click' => ['hint' => 'above']]], [], 36], 'a hint below' => [['viewer' => ['click' => ['hint' => 'below']]], [], 36], 'all of them' => [['viewer' => ['click' => ['hint' => 'below']]], ['shows_title' => true, 'shows_description' => true], 122],
    'a margin' => [['finish' => ['ground' => ['margin' => 11]]], [], 22], 'a line' => [['finish' => ['ground' => ['line' => 'solid', 'width' => 3]]], [], 6],
]);

it('finds what is missing, doubled, thrown away or of yesterday', function (array $found, array $codes, ?array $known = null): void {
    expect(codes($found, $known))->toBe($codes);
})->with([
    'all well' => [[new Found(FoundPart::Script, ''), new Found(FoundPart::Element, ID, 'now')], [], known(['script' => 'now'])],
    'nothing' => [[], ['nothing']],
    'no script' => [[new Found(FoundPart::Element, ID)], ['no-script']],
    'no element' => [[new Found(FoundPart::Script, '')], ['no-element']],
    'no room' => [[new Found(FoundPart::Script, ''), new Found(FoundPart::Element, ID, isWhole: false)], ['no-room']],
    'an old line' => [[new Found(FoundPart::OldScript, ID)], ['old-line']],
    'a room of yesterday' => [[new Found(FoundPart::Script, ''), new Found(FoundPart::Element, ID, 'then')], ['room-outdated'], known(['script' => 'now'])],
    'twice' => [[new Found(FoundPart::Script, ''), new Found(FoundPart::Element, ID), new Found(FoundPart::Element, ID)], []],
    'no head' => [[new Found(FoundPart::Body, ID)], ['no-head']],
    'no body' => [[new Found(FoundPart::Head, ID)], ['no-body']],
    'two heads' => [[new Found(FoundPart::Head, ID), new Found(FoundPart::Head, ID), new Found(FoundPart::Body, ID)], ['heads']],
    'two bodies' => [[new Found(FoundPart::Head, ID), new Found(FoundPart::Body, ID), new Found(FoundPart::Body, ID)], ['bodies']],
    'stripped' => [[new Found(FoundPart::Head, ID), new Found(FoundPart::Body, ID, isWhole: false)], ['stripped']],
    'of two days' => [[new Found(FoundPart::Head, ID, 'a'), new Found(FoundPart::Body, ID, 'b')], ['apart', 'outdated'], known(['html' => 'b'])],
    'of yesterday' => [[new Found(FoundPart::Head, ID, 'a'), new Found(FoundPart::Body, ID, 'a')], ['outdated'], known(['html' => 'b'])],
    'a frame without style' => [[new Found(FoundPart::Frame, ID, isWhole: false)], ['frame-height']],
    'fewer pictures' => [[new Found(FoundPart::Pictures, ID, count: 2)], ['pictures']],
    'a gallery that is none' => [[new Found(FoundPart::Address, 'other')], ['unknown']],
    'a gallery that was lost' => [[new Found(FoundPart::Script, ''), new Found(FoundPart::Element, '')], ['lost']],
    'not live' => [[new Found(FoundPart::Address, ID)], ['hidden'], known(isLive: false)],
    'locked' => [[new Found(FoundPart::Address, ID)], ['hidden'], known(isLocked: true)],
    'for nobody' => [[new Found(FoundPart::Address, ID)], ['hidden'], known(origins: EmbedOrigins::parse('nobody', []))],
]);

it('puts what visitors notice before what is only told', function (): void {
    $found = [new Found(FoundPart::OldScript, ID), new Found(FoundPart::Body, ID)];
    $findings = (new Inspection($found, known()))->findings();
    expect(array_map(static fn ($one): bool => $one->isFault, $findings))->toBe([true, false])->and((new Inspection($found, known()))->isWhole())->toBeFalse();
});

it('reads policies as browsers do', function (string $policy, array $needs, array $lacking): void {
    expect(PagePolicy::parse($policy)->lacking($needs))->toBe($lacking);
})->with([
    'none' => ['', ['script-src' => ['https://a.example']], []],
    'its default' => ["default-src 'self'", ['img-src' => ['https://a.example']], ['img-src https://a.example']],
    'named' => ["default-src 'none'; img-src https://a.example", ['img-src' => ['https://a.example']], []],
    'by name alone' => ['img-src a.example', ['img-src' => ['https://a.example']], []],
    'by scheme' => ['img-src https:', ['img-src' => ['https://a.example']], []],
    'anything' => ['img-src *', ['img-src' => ['https://a.example']], []],
    'names below' => ['img-src https://*.example', ['img-src' => ['https://a.example']], []],
    'not the name itself' => ['img-src https://*.a.example', ['img-src' => ['https://a.example']], ['img-src https://a.example']],
    'with its slash' => ['img-src https://a.example/', ['img-src' => ['https://a.example']], []],
    'names below by another scheme' => ['img-src http://*.example', ['img-src' => ['https://a.example']], ['img-src https://a.example']],
    'another scheme' => ['img-src http:', ['img-src' => ['https://a.example']], ['img-src https://a.example']],
    'another of it said' => ["font-src 'none'", ['img-src' => ['https://a.example']], []],
    'nothing said of frames but of scripts' => ["script-src 'none'", ['frame-src' => ['https://a.example']], []],
    'frames by their own name, though children may' => ["child-src *; frame-src 'none'", ['frame-src' => ['https://a.example']], ['frame-src https://a.example']],
    'frames by the default' => ["default-src 'none'", ['frame-src' => ['https://a.example']], ['frame-src https://a.example']],
    'a style by its hash' => ["style-src 'sha256-x'", ['style-src' => ["'sha256-x'"]], []],
    'which a nonce makes void' => ["style-src 'unsafe-inline' 'nonce-y'", ['style-src' => ["'sha256-x'"]], ["style-src 'sha256-x'"]],
    'some of several' => ['img-src https://a.example', ['img-src' => ['https://a.example', 'https://b.example'], 'media-src' => ['https://a.example']], ['img-src https://b.example']],
    'written in capitals' => ['IMG-SRC https://b.example', ['img-src' => ['https://a.example']], ['img-src https://a.example']],
    'both of two' => ['img-src *, img-src https://b.example', ['img-src' => ['https://a.example']], ['img-src https://a.example']],
    'the first of one said twice' => ['img-src *; img-src https://b.example', ['img-src' => ['https://a.example']], []],
    'styles by anything' => ["style-src 'unsafe-inline'", ['style-src' => ["'sha256-x'"]], []],
    'which a hash makes void' => ["style-src 'unsafe-inline' 'sha256-y'", ['style-src' => ["'sha256-x'"]], ["style-src 'sha256-x'"]],
    'frames as children' => ['child-src https://a.example', ['frame-src' => ['https://a.example']], []],
    'trusted types, where nobody asks' => ["default-src 'none'", ['trusted-types' => ['zinc-pane']], []],
    'trusted types of others' => ['trusted-types theirs', ['trusted-types' => ['zinc-pane']], ['trusted-types zinc-pane']],
]);

it('lets in the sites that are named, and nobody who sounds like them', function (): void {
    $these = EmbedOrigins::parse('these', ['HTTPS://Saltreed.example/', 'https://*.kites.example', 'http://127.0.0.1:8080', 'https://plain.example:443']);
    expect($these->origins)->toBe(['https://saltreed.example', 'https://*.kites.example', 'http://127.0.0.1:8080', 'https://plain.example'])
        ->and($these->frameAncestors())->toBe("'self' https://saltreed.example https://*.kites.example http://127.0.0.1:8080 https://plain.example");
    $allowed = ['https://saltreed.example', 'https://a.kites.example', 'https://a.b.kites.example', 'http://127.0.0.1:8080', 'https://plain.example'];
    $others = ['http://saltreed.example', 'https://saltreed.example.evil.example', 'https://evilsaltreed.example', 'https://kites.example', 'https://evilkites.example', 'https://a.kites.example.evil', 'https://saltreed.example:8443', 'null', '', null];
    expect(array_filter($allowed, static fn (string $one): bool => ! $these->allows($one)))->toBe([])
        ->and(array_filter($others, $these->allows(...)))->toBe([])
        ->and(EmbedOrigins::anyone()->allows(null))->toBeTrue()->and(EmbedOrigins::parse('nobody', ['x'])->allows('https://a.example'))->toBeFalse()
        ->and(EmbedOrigins::fromArray($these->toArray()))->toEqual($these)->and(EmbedOrigins::parse('anyone', 'ignored')->rule)->toBe(EmbedRule::Anyone);
});

it('takes no site that is none', function (mixed $rule, mixed $origins, string $says): void {
    expect(static fn () => EmbedOrigins::parse($rule, $origins))->toThrow(AccessException::class, $says);
})->with([
    'a path' => ['these', ['https://a.example/page'], 'address of a site'], 'no scheme' => ['these', ['a.example'], 'address of a site'], 'all of a country' => ['these', ['https://*.example'], 'address of a site'],
    'a star within' => ['these', ['https://a.*.example'], 'address of a site'], 'two lines' => ['these', ["https://a.example\nhttps://b.example"], 'address of a site'], 'a policy' => ['these', ['https://a.example; script-src *'], 'address of a site'],
    'a number' => ['these', [7], 'address of a site'], 'none' => ['these', [], 'Name at least one'], 'too many' => ['these', array_fill(0, 51, 'https://a.example'), 'at most 50'], 'another rule' => ['friends', [], 'one of anyone, these, nobody'], 'a port that is none' => ['these', ['https://a.example:99999'], 'address of a site'],
]);
