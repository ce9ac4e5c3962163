<?php

declare(strict_types=1);

use Masterminds\HTML5;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\CleanHtml;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Edition\ShownVideo;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Markup\Style\Css;

covers(GalleryMarkup::class, Element::class, Css::class);

/**
 * @param  list<Shown>  $items
 */
function drawn(array $items, array $inAlbums, Albums $albums, About $about, ?GalleryDesign $design = null, ?ContentWidth $content = null): Fragment
{
    return drawnAs(galleryOf($items, $design, $albums, $inAlbums, $about), $content);
}

function rendered(array $words, array $layout = [], ?ContentWidth $content = null): Fragment
{
    $design = GalleryDesign::default()->with(['layout' => $layout]);
    $size = Size::of(1500, 1000);
    $pictures = array_map(static fn (Words $said): ShownPicture => new ShownPicture($size, FocalPoint::centre(), $said, '/media/abc', array_values(RenditionPlan::basic()->for($size))), $words);

    return drawn($pictures, array_fill(0, count($pictures), null), Albums::none(), About::titled('Kites'), $design, $content);
}

it('escapes whatever people and files say', function (): void {
    $evil = '"><script>alert(1)</script>\'&amp;<';
    $html = rendered([new Words($evil, $evil, $evil)])->html;
    $page = (new HTML5)->loadHTML("<!doctype html><body>{$html}</body>");
    $link = $page->getElementsByTagName('a')->item(0);
    expect($page->getElementsByTagName('script')->length)->toBe(0)
        ->and($link->getAttribute('data-caption'))->toBe($evil)
        ->and($page->getElementsByTagName('img')->item(0)->getAttribute('alt'))->toBe($evil)
        ->and($page->getElementsByTagName('ul')->item(0)->getAttribute('aria-label'))->toBe('Kites');
});

it('gives every link a name and every picture its size', function (): void {
    $html = rendered([new Words, new Words('Harbour'), new Words('Harbour', 'At noon', 'A red kite')])->html;
    expect($html)->toContain('aria-label="Picture 1 of 3"')
        ->toContain('alt="Harbour"')->toContain('alt="A red kite"')->toContain('data-caption="At noon"')
        ->and(substr_count($html, 'width="1500" height="1000"'))->toBe(3)
        ->and(substr_count($html, 'aria-label="Picture'))->toBe(1)
        ->and(substr_count($html, '<a href="/media/abc/1500.jpg"'))->toBe(3);
});

it('lets the browser measure lazy pictures only where the page is not known and no picture is wider than its tile', function (): void {
    $words = array_fill(0, 6, new Words('a'));
    $masonry = ['kind' => 'masonry'];
    $squares = ['kind' => 'grid', 'shape' => '1:1'];
    expect(rendered($words, $masonry)->html)->not->toContain('sizes="auto')
        ->and(rendered($words, $squares, ContentWidth::unknown())->html)->not->toContain('sizes="auto')
        ->and(substr_count(rendered($words, $masonry, ContentWidth::unknown())->html, 'sizes="auto, '))->toBe(2);
});

it('writes lines as lengths', function (Linear $line, string $css): void {
    expect((string) Css::length($line, '%'))->toBe($css);
})->with([
    'a third less the gaps' => [Linear::share(3, 8), 'calc(33.3333% - 5.3333px)'],
    'only a share' => [Linear::of(0.5), '50%'],
    'only px' => [Linear::px(12.5), '12.5px'],
    'px below zero' => [Linear::px(-3), '-3px'],
    'nothing' => [Linear::px(0), '0px'],
    'a little more' => [Linear::of(1, 0.25), 'calc(100% + 0.25px)'],
]);

it('shows albums under headings, by tabs, or not at all', function (string $view, array $holds, array $lacks): void {
    $size = Size::of(1500, 1000);
    $pictures = array_map(static fn (string $title): Shown => new ShownPicture($size, FocalPoint::centre(), new Words($title), '/media/abc', []), ['a', 'b', 'c', 'd']);
    $albums = Albums::parse([['id' => 'A1', 'name' => 'Morning <i>'], ['id' => 'A2', 'name' => 'Evening'], ['id' => 'A3', 'name' => 'Empty']], $view);
    $fragment = drawn($pictures, ['A2', null, 'A1', 'A2'], $albums, About::titled('Kites')->with(['shows_title' => true, 'description' => "Two\nlines", 'shows_description' => true]));
    preg_match_all('/alt="(\w)"/', $fragment->html, $order);
    expect(implode('', $order[1]))->toBe($view === 'none' ? 'abcd' : 'bcad')->and($fragment->html)->toContain('<h2 class="zp-title">Kites</h2>')->toContain("Two\nlines");
    foreach ($holds as $text) {
        expect($fragment->html.$fragment->css)->toContain($text);
    }
    foreach ($lacks as $text) {
        expect($fragment->html.$fragment->css)->not->toContain($text);
    }
})->with([
    'headings' => ['headings', ['<h3 class="zp-name">Morning &lt;i&gt;</h3>', '<h3 class="zp-name">Evening</h3>'], ['Empty', 'type="radio"']],
    'tabs' => ['tabs', ['type="radio"', '<span>Evening</span>', ':has(#zp-p1-tab1:not(:checked)) .zp-a1{display:none}'], ['<h3', 'Empty']],
    'not at all' => ['none', [], ['Morning', 'Evening', 'zp-album']],
]);

it('writes texts and videos as tiles among the pictures', function (): void {
    $size = Size::of(1600, 900);
    $fragment = drawn([
        new ShownText(CleanHtml::cleanedBefore('<p>Out at <strong>dawn</strong>.</p>'), new Words('Dawn')),
        new ShownPicture($size, FocalPoint::centre(), new Words('Launch', 'At noon'), '/media/abc', [], new ShownVideo('/media/def/video.mp4', 'video/mp4')),
        new ShownPicture($size, FocalPoint::centre(), new Words('Wave', decorative: true), '/media/abc', []),
    ], [null, null, null], Albums::none(), About::titled('Kites'));
    expect($fragment->html)->toContain('<p>Out at <strong>dawn</strong>.</p>')->toContain('Read “Dawn”')
        ->toContain('href="/media/def/video.mp4"')->toContain('data-video="/media/def/video.mp4"')->toContain('aria-label="Video: Launch"')
        ->toContain('aria-label="Wave"')->toContain('alt=""');
});
