<?php

declare(strict_types=1);

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\PictureFacts;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownVideo;
use ZincPane\Core\Formats\Feed;
use ZincPane\Core\Formats\Iiif;
use ZincPane\Core\Formats\PageHead;
use ZincPane\Core\Formats\PictureRecord;
use ZincPane\Core\Formats\Publisher;
use ZincPane\Core\Formats\SchemaOrg;
use ZincPane\Core\Formats\Sitemap;
use ZincPane\Core\Formats\Xml;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;

covers(Feed::class, Iiif::class, PageHead::class, PictureRecord::class, SchemaOrg::class, Sitemap::class, Xml::class);

/* What machines are told of a gallery: well formed whatever people write, and no more than visitors see. */

const GALLERY = '01jd0000000000000000000000';

/** @param  list<ShownPicture>  $items */
function told(array $items, array $viewer = [], string $description = ''): FrozenGallery
{
    $count = count($items);
    $about = About::of('Kites & "tails"', $description, true, $description !== '');

    return new FrozenGallery($about, GalleryDesign::default()->with(['viewer' => $viewer]), Albums::none(), $items, array_fill(0, $count, null), array_fill(0, $count, false), null, array_map(static fn (int $n): string => "item{$n}", range(0, max(0, $count - 1))), [], 'gallerykey01');
}

function pictureTold(Words $words, ?PictureFacts $facts = null, ?ShownVideo $video = null, int $n = 1): ShownPicture
{
    $size = Size::of(3000, 2000);

    return new ShownPicture($size, FocalPoint::centre(), $words, sprintf('/media/%024x', $n), array_values(RenditionPlan::basic()->for($size)), $video, facts: $facts ?? new PictureFacts);
}

function publisher(?string $acquire = null): Publisher
{
    return new Publisher('https://saltreed.example', 'Saltreed <Kite> Works', 'en', $acquire);
}

const EVIL = "A \"kite\" & <b>tail</b> ]]> </script> \x00\x0B\xFF\u{FFFE} 'so'";

/** @return list<ShownPicture> */
function several(): array
{
    return [
        pictureTold(new Words(EVIL, EVIL, EVIL, EVIL, '', EVIL), new PictureFacts(takenAt: 86400, rights: EVIL, licence: 'CC BY 4.0 https://creativecommons.org/licenses/by/4.0/.'), null, 1),
        pictureTold(new Words, null, null, 2),
        pictureTold(new Words('A boat', decorative: true, alt: 'never told'), null, new ShownVideo('/media/0000000000000000000000ff/video.mp4', 'video/mp4'), 3),
    ];
}

it('writes a feed that holds what RFC 4287 asks for', function (): void {
    $feed = new DOMDocument;
    expect($feed->loadXML((new Feed(told(several(), ['giving' => ['pages' => true]], EVIL), GALLERY, publisher(), 'https://saltreed.example/kites', 1_700_000_000))->xml()))->toBeTrue();
    $path = new DOMXPath($feed);
    $path->registerNamespace('a', 'http://www.w3.org/2005/Atom');
    $one = static fn (string $query): string => (string) $path->evaluate("string({$query})");
    expect($one('/a:feed/a:id'))->toBe('tag:saltreed.example,2026:gallery/'.GALLERY)->and($one('/a:feed/a:title'))->toBe('Kites & "tails"')
        ->and($one('/a:feed/a:updated'))->toBe('2023-11-14T22:13:20Z')->and($one('/a:feed/a:author/a:name'))->toBe('Saltreed <Kite> Works')
        ->and($one('/a:feed/a:link[@rel="self"]/@href'))->toBe('https://saltreed.example/feed/'.GALLERY.'.xml');
    $ids = [];
    foreach ($path->query('/a:feed/a:entry') as $entry) {
        foreach (['id', 'title', 'updated', 'content[@type="html"]', 'link[@rel="alternate"]', 'link[@rel="enclosure"]'] as $must) {
            expect($path->query("a:{$must}", $entry)->length)->toBe(1, $must);
        }
        expect((string) $path->evaluate('string(a:title)', $entry))->not->toBe('');
        $ids[] = (string) $path->evaluate('string(a:id)', $entry);
        // What is in the content is HTML of a picture, with nothing that runs.
        $html = (string) $path->evaluate('string(a:content)', $entry);
        expect($html)->toStartWith('<p><a href="https://saltreed.example/')->not->toContain('<b>')->not->toContain('</script');
    }
    expect($ids)->toHaveCount(3)->and(array_unique($ids))->toHaveCount(3)->and($one('//a:entry[3]/a:link[@rel="enclosure"]/@type'))->toBe('video/mp4');
});

it('writes a map of pages and of the pictures on them', function (): void {
    $map = new Sitemap(publisher());
    $map->page('/kites', [told(several(), ['giving' => ['pages' => true]])]);
    $map->page('/find-us?a=1&b=2', []);
    $read = new DOMDocument;
    expect($read->loadXML($map->xml()))->toBeTrue();
    $path = new DOMXPath($read);
    $path->registerNamespace('s', 'http://www.sitemaps.org/schemas/sitemap/0.9');
    $path->registerNamespace('i', 'http://www.google.com/schemas/sitemap-image/1.1');
    $places = array_map(static fn ($node): string => $node->textContent, iterator_to_array($path->query('//s:loc')));
    expect($places)->toBe(['https://saltreed.example/kites', 'https://saltreed.example/pictures/gallerykey01/item0', 'https://saltreed.example/pictures/gallerykey01/item1', 'https://saltreed.example/pictures/gallerykey01/item2', 'https://saltreed.example/find-us?a=1&b=2'])
        ->and($path->query('//s:url[1]/i:image/i:loc')->length)->toBe(3)->and($path->query('//i:loc[contains(.,"/1820.jpg")]')->length)->toBe(6);
});

it('tells of pictures in the words of schema.org, and of no more than is shown', function (): void {
    $all = ['words' => ['credit' => true, 'rights' => true, 'date' => true]];
    $data = SchemaOrg::gallery(told(several(), $all), publisher('https://saltreed.example/find-us'), 'https://saltreed.example/kites');
    expect($data['@type'])->toBe('ImageGallery')->and(array_column($data['image'], '@type'))->toBe(['ImageObject', 'ImageObject', 'VideoObject'])
        ->and($data['image'][0])->toMatchArray([
            'contentUrl' => 'https://saltreed.example/media/000000000000000000000001/1820.jpg', 'creator' => ['@type' => 'Person', 'name' => EVIL], 'creditText' => EVIL, 'copyrightNotice' => EVIL,
            'license' => 'https://creativecommons.org/licenses/by/4.0/', 'acquireLicensePage' => 'https://saltreed.example/find-us', 'dateCreated' => '1970-01-02', 'width' => 3000, 'height' => 2000,
        ])
        ->and($data['image'][2]['contentUrl'])->toBe('https://saltreed.example/media/0000000000000000000000ff/video.mp4');
    $none = SchemaOrg::gallery(told(several(), ['words' => ['title' => true, 'caption' => false, 'description' => false, 'credit' => false, 'rights' => false, 'date' => false]]), publisher(), 'https://saltreed.example/kites')['image'][0];
    expect($none)->not->toHaveKeys(['creator', 'creditText', 'copyrightNotice', 'license', 'dateCreated', 'caption', 'acquireLicensePage']);
    // A thousand of them do not make the page heavy.
    $many = array_map(static fn (int $n): ShownPicture => pictureTold(new Words("Kite {$n}"), n: $n), range(1, 1000));
    expect(SchemaOrg::gallery(told($many), publisher(), 'x')['image'])->toHaveCount(SchemaOrg::MOST);
});

it('says in the head of a page what it is, and ends nothing early', function (): void {
    $html = (new PageHead(publisher(), 'https://saltreed.example/kites', EVIL, str_repeat('The wind came up at eleven, and stayed until supper. ', 9), [GALLERY => told(several())]))->html();
    $page = (new Masterminds\HTML5(['disable_html_ns' => true]))->loadHTML("<!doctype html><html><head>{$html}</head><body></body></html>");
    $path = new DOMXPath($page);
    $said = static fn (string $query): string => (string) $path->evaluate("string({$query})");
    expect($path->query('//body/*')->length)->toBe(0)->and($said('//link[@rel="canonical"]/@href'))->toBe('https://saltreed.example/kites')
        ->and(mb_strlen($said('//meta[@name="description"]/@content')))->toBeLessThanOrEqual(201)->and($said('//meta[@name="description"]/@content'))->toEndWith('…')
        ->and($said('//meta[@property="og:image"]/@content'))->toEndWith('/1820.jpg')
        ->and($path->query('//link[@type="application/json+oembed"]')->length)->toBe(1)
        ->and(json_decode($said('//script[@type="application/ld+json"]'), true)['name'])->toBe('Kites & "tails"');
    // A page without galleries and words says what it can.
    expect((new PageHead(publisher(), 'https://saltreed.example/', 'Home', '', []))->html())->not->toContain('description')->not->toContain('oembed')->not->toContain('og:image');
});

it('cuts a description at a word, and takes that of a gallery only where visitors see it', function (string $words, string $description, bool $isShown, ?string $says): void {
    $gallery = told(several(), [], 'x');
    $gallery = new FrozenGallery(About::of('Kites', $description, true, $isShown), $gallery->design, $gallery->albums, $gallery->items, array_fill(0, 3, null), array_fill(0, 3, false), null, ['a', 'b', 'c'], [], 'gallerykey01');
    $html = (new PageHead(publisher(), 'https://saltreed.example/kites', 'Kites', $words, [GALLERY => $gallery]))->html();
    preg_match('/<meta name="description" content="([^"]*)">/', $html, $found);
    expect($found[1] ?? null)->toBe($says)->and($html)->toContain('<link rel="alternate" type="application/atom+xml" href="/feed/'.GALLERY.'.xml" title="Kites">')
        ->and(substr_count($html, 'property="og:description"'))->toBe($says === null ? 0 : 1)->and(substr_count($html, 'property="og:image"'))->toBe(1);
})->with([
    'words of the page' => ["From\n the  dyke", 'Another', true, 'From the dyke'], 'of the gallery' => ['', "Over\nthe marsh", true, 'Over the marsh'], 'of a gallery that keeps it to itself' => ['', 'Over the marsh', false, null], 'none at all' => ['', '', true, null],
    'just long enough' => [str_repeat('é', 200), '', true, str_repeat('é', 200)], 'one long word' => [str_repeat('é', 201), '', true, str_repeat('é', 200).'…'],
    'at a word' => [str_repeat('kite ', 39).'ends, here', '', true, str_repeat('kite ', 39).'ends…'], 'not within one' => [str_repeat('kite ', 39).'endings', '', true, rtrim(str_repeat('kite ', 39)).'…'],
]);

it('tells of each picture in a manifest what is said of it, and of one that says nothing no more than its place', function (): void {
    $items = [
        pictureTold(new Words('Dune', 'At noon', 'A dune', 'Sand', '', 'A. Marsh'), new PictureFacts(rights: '© Marsh', licence: 'CC BY-SA 4.0 https://creativecommons.org/licenses/by-sa/4.0/'), null, 1),
        pictureTold(new Words, new PictureFacts(rights: '© Marsh', licence: 'https://saltreed.example/terms'), null, 2),
        pictureTold(new Words(credit: 'A. Marsh'), null, null, 3),
        pictureTold(new Words, null, null, 4),
    ];
    $canvases = (new Iiif(told($items, ['words' => ['credit' => true, 'rights' => true, 'title' => true, 'caption' => true, 'description' => true], 'giving' => ['pages' => true]]), GALLERY, publisher(), 'https://saltreed.example/kites'))->manifest()['items'];
    $told = static fn (string $text): array => ['en' => [$text]];
    $more = static fn (array $canvas): array => array_diff_key($canvas, array_flip(['id', 'type', 'width', 'height', 'thumbnail', 'items']));
    $page = static fn (int $n, string $label): array => [['id' => "https://saltreed.example/pictures/gallerykey01/item{$n}", 'type' => 'Text', 'label' => $told($label), 'format' => 'text/html']];
    expect(array_column($canvases, 'id'))->toBe(array_map(static fn (int $n): string => 'https://saltreed.example/iiif/'.GALLERY."/canvas/item{$n}", range(0, 3)))
        ->and($more($canvases[0]))->toBe([
            'label' => $told('Dune'), 'summary' => $told('A dune'),
            'metadata' => [['label' => $told('Caption'), 'value' => $told('At noon')], ['label' => $told('Description'), 'value' => $told('Sand')]],
            'requiredStatement' => ['label' => $told('Credit'), 'value' => $told('A. Marsh, © Marsh')], 'rights' => 'http://creativecommons.org/licenses/by-sa/4.0/', 'homepage' => $page(0, 'Dune'),
        ])
        ->and($more($canvases[1]))->toBe(['label' => $told('#2'), 'requiredStatement' => ['label' => $told('Credit'), 'value' => $told('© Marsh')], 'homepage' => $page(1, '#2')])
        ->and($more($canvases[2]))->toBe(['label' => $told('#3'), 'requiredStatement' => ['label' => $told('Credit'), 'value' => $told('A. Marsh')], 'homepage' => $page(2, '#3')])
        ->and($more($canvases[3]))->toBe(['label' => $told('#4'), 'homepage' => $page(3, '#4')]);
});

it('writes a manifest whose canvases have the sizes of files that there are', function (): void {
    $gallery = told(several(), ['words' => ['credit' => true, 'rights' => true]], EVIL);
    $manifest = (new Iiif($gallery, GALLERY, publisher(), 'https://saltreed.example/kites'))->manifest();
    expect($manifest['type'])->toBe('Manifest')->and($manifest['items'])->toHaveCount(3)->and($manifest['items'][0]['rights'])->toBe('http://creativecommons.org/licenses/by/4.0/');
    foreach ($manifest['items'] as $canvas) {
        $body = $canvas['items'][0]['items'][0]['body'];
        expect([$canvas['width'], $canvas['height']])->toBe([1820, 1213])->and([$body['width'], $body['height']])->toBe([1820, 1213])->and($canvas['items'][0]['items'][0]['target'])->toBe($canvas['id']);
    }
    $info = Iiif::info(several()[0], publisher());
    expect($info)->toMatchArray(['type' => 'ImageService3', 'profile' => 'level0', 'protocol' => 'http://iiif.io/api/image', 'width' => 1820, 'height' => 1213, 'id' => 'https://saltreed.example/iiif/000000000000000000000001'])
        ->and($info['sizes'])->toBe([['width' => 540, 'height' => 360], ['width' => 1215, 'height' => 810], ['width' => 1820, 'height' => 1213]])
        ->and($manifest['items'][0]['items'][0]['items'][0]['body']['service'][0]['id'])->toBe($info['id']);
});
