<?php

declare(strict_types=1);

use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\PictureFacts;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownVideo;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Markup\FactsLine;
use ZincPane\Core\Markup\HintCss;
use ZincPane\Core\Markup\Leads;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Markup\ViewerData;
use ZincPane\Core\Phrases\In\De;
use ZincPane\Core\Phrases\In\En;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Viewer\ClickAct;
use ZincPane\Core\Viewer\HintPlace;

covers(ClickAct::class, Leads::class, FactsLine::class, ViewerData::class, RenditionPlan::class, Phrases::class, HintCss::class);

/** A gallery of one picture, seen through some settings of the viewer. */
function viewedGallery(array $viewer, ?ShownPicture $picture = null, ?ClickAct $click = null): FrozenGallery
{
    return new FrozenGallery(About::titled('Kites'), GalleryDesign::default()->with(['viewer' => $viewer]), Albums::none(), [$picture ?? viewedPicture()], [null], [false], null, ['a1b2c3d4'], [$click], 'gallery00001');
}

function viewedPicture(string $title = 'Red sail', string $link = '', ?ShownVideo $video = null, string $ending = 'jpg'): ShownPicture
{
    return new ShownPicture(Size::of(2400, 1600), FocalPoint::centre(), new Words($title, link: $link), '/media/abc', [new Rendition(240, Format::WebP), new Rendition(1820, Format::Jpeg), new Rendition(2400, Format::WebP)], $video, ending: $ending);
}

it('plans a file for every size that a large view may draw: never too narrow where the original has it, never a quarter too wide', function (): void {
    $seen = RenditionPlan::of(GalleryDesign::default(), [], [ClickAct::Large]);
    mt_srand(7);
    for ($n = 0; $n < 400; $n++) {
        $own = mt_rand(40, 10_000);
        $widths = array_map(static fn (Rendition $one): int => $one->width, array_values(array_filter($seen->for(Size::of($own, mt_rand(40, 10_000))), static fn (Rendition $one): bool => $one->format === Format::WebP)));
        foreach (range(1, 20) as $ignored) {
            $drawn = mt_rand(160, 12_000);
            $enough = array_filter($widths, static fn (int $width): bool => $width >= min($drawn, $own));
            expect($enough)->not->toBe([], "{$drawn} px of {$own}");
            $chosen = min($enough);
            expect($chosen <= max(240, 1.25 * $drawn))->toBeTrue("{$chosen} px for {$drawn} of {$own}");
        }
        expect(max($widths))->toBe($own);
    }
});

it('plans no more than windows ask for where nothing is enlarged, and nothing where nothing is seen large', function (): void {
    $widest = static fn (array $viewer, array $acts): int => max(array_map(static fn (Rendition $one): int => $one->width, RenditionPlan::of(GalleryDesign::default()->with(['viewer' => $viewer]), [], $acts)->for(Size::of(9000, 6000))));
    expect($widest(['zoom' => ['most' => 'none']], [ClickAct::Large]))->toBe(3840)
        ->and($widest([], [ClickAct::Page]))->toBe(9000)->and($widest([], [ClickAct::File, ClickAct::Address, ClickAct::Nothing]))->toBe(1820)
        ->and(RenditionPlan::of(GalleryDesign::default(), [], [ClickAct::File])->for(Size::of(9000, 6000)))->toEqual(RenditionPlan::basic()->for(Size::of(9000, 6000)));
});

it('comes to what can be done with an item', function (ClickAct $act, bool $isText, string $address, ClickAct $comes, string $says): void {
    expect($act->of($isText, $address !== ''))->toBe($comes)->and($act->says($isText, $address))->toBe($says);
})->with([
    [ClickAct::Large, false, '', ClickAct::Large, 'opens the large view'],
    [ClickAct::Place, true, '', ClickAct::Place, 'grows in place'],
    [ClickAct::Page, false, '', ClickAct::Page, 'leads to its own page'],
    [ClickAct::Page, true, '', ClickAct::Large, 'opens the large view'],
    [ClickAct::File, false, '', ClickAct::File, 'leads to the file'],
    [ClickAct::File, true, '', ClickAct::Large, 'opens the large view'],
    [ClickAct::Address, false, 'https://saltreed.example/sails/', ClickAct::Address, 'leads to saltreed.example/sails'],
    [ClickAct::Address, true, 'mailto:owner@saltreed.example', ClickAct::Address, 'leads to owner@saltreed.example'],
    [ClickAct::Address, false, '', ClickAct::Nothing, 'does nothing: it has no address yet'],
    [ClickAct::Nothing, false, '/repairs', ClickAct::Nothing, 'does nothing'],
]);

it('leads to the file that is given, and to the page where there is one', function (array $giving, ClickAct $act, ?string $href, ?string $download): void {
    $picture = viewedPicture();
    $leads = new Leads(viewedGallery(['giving' => $giving], $picture), Addresses::absolute('https://saltreed.example'));
    expect($leads->of($picture, 0, $act))->toBe($href)->and($leads->download($picture))->toBe($download);
})->with([
    [[], ClickAct::Large, 'https://saltreed.example/media/abc/1820.jpg', null],
    [['download' => 'large'], ClickAct::File, 'https://saltreed.example/media/abc/1820.jpg', 'https://saltreed.example/media/abc/1820.jpg'],
    [['download' => 'stripped'], ClickAct::Place, 'https://saltreed.example/media/abc/without-place.jpg', 'https://saltreed.example/media/abc/without-place.jpg'],
    [['download' => 'original'], ClickAct::File, 'https://saltreed.example/media/abc/original.jpg', 'https://saltreed.example/media/abc/original.jpg'],
    [['pages' => true], ClickAct::Large, 'https://saltreed.example/pictures/gallery00001/a1b2c3d4', null],
    [['pages' => true, 'download' => 'original'], ClickAct::File, 'https://saltreed.example/media/abc/original.jpg', 'https://saltreed.example/media/abc/original.jpg'],
    [['pages' => true], ClickAct::Nothing, null, null],
]);

it('gives files names that a person knows again, and a computer takes', function (string $title, string $name): void {
    $picture = viewedPicture($title);
    expect((new Leads(viewedGallery([], $picture), Addresses::rooted()))->fileName($picture, 4))->toBe($name);
})->with([
    ['Red sail', 'red-sail.jpg'], ['', 'picture-5.jpg'], ['../../etc/passwd', 'etc-passwd.jpg'], ['„Möwe“ am Deich!', 'möwe-am-deich.jpg'], ['طائرة ورقية', 'طائرة-ورقية.jpg'], ['???', 'picture-5.jpg'], [str_repeat('kite ', 60), rtrim(str_repeat('kite-', 12), '-').'.jpg'],
]);

it('has a video play and download as it is, whatever is given of pictures', function (): void {
    $video = viewedPicture('Launch', '', new ShownVideo('/media/def/video.mp4', 'video/mp4', '/media/def/words.vtt'), '');
    $gallery = viewedGallery(['giving' => ['download' => 'stripped']], $video);
    $leads = new Leads($gallery, Addresses::rooted());
    $data = (new ViewerData($gallery, $leads, Phrases::in('en')))->ofPicture($video, 0);
    expect([$leads->file($video), $data['data-video'], $data['data-track'], $data['data-name']])->toBe(['/media/def/video.mp4', '/media/def/video.mp4', '/media/def/words.vtt', 'launch.mp4']);
});

it('tells of facts only what may be told, in their order, a sign before rights that have none', function (): void {
    $facts = new PictureFacts('Box', 'Plain 35', 'f/4', 1777802400, 'Long Marsh', 'Saltreed 2026', 'CC BY 4.0');
    $told = static fn (array $words, PictureFacts $of = new PictureFacts, string $language = 'en'): array => FactsLine::of($of, GalleryDesign::default()->with(['viewer' => ['words' => $words]])->viewer->words, Phrases::in($language));
    $all = ['camera' => true, 'exposure' => true, 'date' => true, 'location' => true, 'rights' => true];
    expect($told([], $facts))->toBe([])->and($told($all))->toBe([])
        ->and($told($all, $facts))->toBe(['3 May 2026', 'Long Marsh', 'Box, Plain 35', 'f/4', '© Saltreed 2026', 'CC BY 4.0'])
        ->and($told([...$all, 'location' => false], $facts, 'de'))->toBe(['3. Mai 2026', 'Box, Plain 35', 'f/4', '© Saltreed 2026', 'CC BY 4.0'])
        ->and($told($all, new PictureFacts(rights: 'Copyright Saltreed')))->toBe(['Copyright Saltreed'])->and($told($all, new PictureFacts(rights: '© us')))->toBe(['© us'])
        // Read back, it is what was written.
        ->and(PictureFacts::fromArray($facts->toArray()))->toEqual($facts)->and(PictureFacts::fromArray(['camera' => 7, 'taken_at' => 'soon']))->toEqual(new PictureFacts);
});

it('chooses letters that can be read on any backdrop', function (): void {
    $light = static function (string $colour): float {
        $part = static fn (int $at): float => ($c = hexdec(substr($colour, $at, 2)) / 255) <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4;

        return 0.2126 * $part(1) + 0.7152 * $part(3) + 0.0722 * $part(5);
    };
    mt_srand(3);
    for ($n = 0; $n < 300; $n++) {
        $colour = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
        $gallery = viewedGallery(['backdrop' => ['colour' => $colour]]);
        $told = json_decode((string) (new ViewerData($gallery, new Leads($gallery, Addresses::rooted()), Phrases::in('en')))->ofGallery(), true);
        [$a, $b] = [$light($colour), $light($told['letters'])];
        expect((max($a, $b) + 0.05) / (min($a, $b) + 0.05))->toBeGreaterThanOrEqual(4.5, $colour);
    }
});

it('says nothing to the script where it has nothing to do', function (array $viewer, ?ClickAct $click, bool $says): void {
    $gallery = viewedGallery($viewer, null, $click);
    expect((new ViewerData($gallery, new Leads($gallery, Addresses::rooted()), Phrases::in('en')))->ofGallery() !== null)->toBe($says);
})->with([
    [[], null, true], [['click' => ['act' => 'file']], null, false], [['click' => ['act' => 'file']], ClickAct::Place, true], [[], ClickAct::Nothing, false],
    [['click' => ['act' => 'nothing'], 'zoom' => ['loupe' => 'tiles']], null, true], [['click' => ['act' => 'nothing'], 'zoom' => ['loupe' => 'large']], null, false],
]);

it('has every phrase in every language, with the same gaps to fill', function (): void {
    $gaps = static function (string $phrase): array {
        preg_match_all('/\{\w+\}/', $phrase, $found);
        sort($found[0]);

        return $found[0];
    };
    foreach (glob(dirname(__DIR__, 2).'/core/Phrases/In/*.php') as $file) {
        $class = 'ZincPane\\Core\\Phrases\\In\\'.basename($file, '.php');
        expect(array_keys($class::phrases()))->toBe(array_keys(En::phrases()))->and($class::months())->toHaveCount(12);
        foreach ($class::phrases() as $name => $phrase) {
            expect($gaps($phrase))->toBe($gaps(En::phrases()[$name]), $name)->and($phrase)->not->toBe('');
        }
    }
    expect(De::phrases()['v.next'])->not->toBe(En::phrases()['v.next']);
});

it('writes words of a person into a style that nothing of them ends', function (): void {
    foreach (['"}</style><script>', '\\', 'a"b', '{}', 'Tippen – اضغط'] as $words) {
        $css = (string) HintCss::of(Css::of('.zp'), HintPlace::Pointed, $words);
        expect($css)->not->toContain('</')->and(substr_count($css, '{'))->toBe(substr_count($css, '}'))->and(preg_match('/content:"(?:[^"\\\\]|\\\\[0-9a-f]+ )*";/', $css))->toBe(1);
    }
    expect((string) HintCss::of(Css::of('.zp'), HintPlace::Below, 'x'))->toContain('.8em 0 0')->not->toContain('content');
});

it('takes clicks back as they were, for each item its own', function (): void {
    $before = galleryDocument('abc');
    $parse = static fn (array $values) => Changes::parse(['kind' => 'click', ...$values]);
    $first = $parse(['items' => [$before->items[0]->id], 'click' => 'file']);
    $then = $first->appliedTo($before);
    $all = $parse(['items' => array_map(static fn ($item): string => $item->id, $before->items), 'click' => 'page']);
    $after = $all->appliedTo($then);
    $inverse = $all->inverseFor($then);
    expect(array_map(static fn ($item) => $item->click, $after->items))->toBe([ClickAct::Page, ClickAct::Page, ClickAct::Page])
        ->and($inverse->appliedTo($after)->isSameAs($then))->toBeTrue()->and(Changes::parse($inverse->toArray())->appliedTo($after)->isSameAs($then))->toBeTrue()
        ->and($after->isLaidOutLike($then))->toBeFalse()->and($all->summary($then))->toBe('set a click on 3 pictures to “its own page”')
        ->and($parse(['items' => ['x'], 'click' => null])->summary($before))->toBe('left a click on a picture to the gallery')->and($inverse->summary($after))->toBe('set what a click on 3 pictures does')
        ->and($first->touches())->toBe(['items.'.$before->items[0]->id.'.click']);
});
