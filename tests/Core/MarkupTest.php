<?php

declare(strict_types=1);

use Masterminds\HTML5;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Layouts;
use ZincPane\Core\Markup\Css;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Markup\ShownPicture;

covers(GalleryMarkup::class, Element::class, Css::class);

function rendered(array $words, array $layout = [], ?ContentWidth $content = null): Fragment
{
    $design = GalleryDesign::default()->with(['layout' => $layout]);
    $size = Size::of(1500, 1000);
    $pictures = array_map(static fn (Words $said): ShownPicture => new ShownPicture($size, FocalPoint::centre(), $said, '/media/abc', array_values(RenditionPlan::basic()->for($size))), $words);
    $arrangement = Layouts::of($design)->arrange(array_map(static fn (ShownPicture $picture) => $picture->size->ratio(), $pictures));

    return (new GalleryMarkup('p1', $design, $arrangement, $content ?? ContentWidth::page(18, 1120)))->render('Kites', $pictures);
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

it('lets the browser measure lazy pictures only where the page is not known', function (): void {
    $words = array_fill(0, 6, new Words('a'));
    expect(rendered($words)->html)->not->toContain('sizes="auto')
        ->and(substr_count(rendered($words, [], ContentWidth::unknown())->html, 'sizes="auto, '))->toBe(4);
});

it('writes lines as lengths', function (Linear $line, string $css): void {
    expect(Css::length($line, '%'))->toBe($css);
})->with([
    'a third less the gaps' => [Linear::share(3, 8), 'calc(33.3333% - 5.3333px)'],
    'only a share' => [Linear::of(0.5), '50%'],
    'only px' => [Linear::px(12.5), '12.5px'],
    'px below zero' => [Linear::px(-3), '-3px'],
    'nothing' => [Linear::px(0), '0px'],
    'a little more' => [Linear::of(1, 0.25), 'calc(100% + 0.25px)'],
]);
