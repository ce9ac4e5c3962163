<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\AtFirst;
use ZincPane\Core\Design\ColumnRule;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\PhoneDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Markup\CleanHtml;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Markup\Section;
use ZincPane\Core\Markup\ShownPicture;
use ZincPane\Core\Markup\ShownText;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Reasons;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Suggestions;
use ZincPane\Core\Measuring\View;
use ZincPane\Core\Measuring\Weights;
use ZincPane\Core\Snags\LayoutSnags;

covers(GalleryMarkup::class, Section::class, LayoutSnags::class, Suggestions::class);

/** Any design that may be saved. */
function anyDesign(Randomizer $dice): GalleryDesign
{
    $any = static fn (array $among): mixed => $among[$dice->getInt(0, count($among) - 1)];
    $layout = array_map(static fn (array $range): int => $dice->getInt(...$range), LayoutDesign::RANGES);
    foreach (['kind' => LayoutKind::class, 'column_rule' => ColumnRule::class, 'filling' => Filling::class, 'last_row' => LastRow::class, 'at_first' => AtFirst::class] as $key => $enum) {
        $layout[$key] = $any($enum::cases())->value;
    }

    return GalleryDesign::default()->with(['layout' => [
        ...$layout, 'shape' => $any(['1:1', 'own', '5:1', '1:5', '16:9', '99:98']),
        'phone' => array_map(static fn (array $range): ?int => $dice->getInt(0, 1) === 0 ? null : $dice->getInt(...$range), PhoneDesign::RANGES),
    ]]);
}

/** Few items of any shape: a dot, a thread, a panorama, a text. */
function anyItems(Randomizer $dice): array
{
    $items = [];
    for ($i = $dice->getInt(0, 6); $i > 0; $i--) {
        $width = $dice->getInt(1, 5000);
        $size = Size::of($width, max(1, (int) ($width * $dice->getInt(1, 300) / 100)));
        $items[] = $dice->getInt(0, 6) === 0
            ? new ShownText(CleanHtml::cleanedBefore('<p>Tea at three.</p>'), new Words)
            : new ShownPicture($size, FocalPoint::of($dice->getInt(0, 10) / 10, $dice->getInt(0, 10) / 10), new Words('Kite'), '/media/x', array_values(RenditionPlan::basic()->for($size)), null, '#aabbcc');
    }

    return $items;
}

it('draws, measures and looks over whatever may be saved', function (int $seed): void {
    $dice = new Randomizer(new Mt19937($seed));
    for ($trial = 0; $trial < 300; $trial++) {
        $design = anyDesign($dice);
        $items = anyItems($dice);
        $told = json_encode($design->toArray()).' with '.count($items);
        $sections = Section::of($items, array_fill(0, count($items), null), Albums::parse([], AlbumView::None->value), $design);
        foreach ([ContentWidth::page(18, 1120), ContentWidth::unknown()] as $content) {
            $drawn = (new GalleryMarkup('p', $design, $content))->render(About::titled('Any'), AlbumView::None, $sections);
            expect($drawn->css)->not->toMatch('/\b(nan|inf)\b/i')->and(substr_count($drawn->css, '{'))->toBe(substr_count($drawn->css, '}'))
                ->and(substr_count($drawn->html, '<li'))->toBe(count($items), $told);
        }
        foreach ($sections as $section) {
            foreach ($section->arrangement->bands as $band) {
                foreach ([max(Arrangement::NARROWEST, $band->band->from), ($band->band->until ?? Arrangement::WIDEST + 1) - 1] as $width) {
                    foreach ($band->boxes as $box) {
                        expect(min($box->width->at($width), $box->height->at($width)))->toBeGreaterThan(0.0, "{$told} at {$width}");
                    }
                }
            }
        }
        $subjects = array_map(Subject::of(...), $items);
        $candidates = new Candidates($design, $subjects, [], View::wide(1120), View::phone(354));
        $now = $candidates->of([]);
        expect(json_encode([$now->wide->toArray(), $now->phone->toArray()]))->toBeString();
        (new LayoutSnags($candidates, $subjects))->of($now);
        if ($trial % 15 === 0) {
            foreach ((new Suggestions($candidates, Weights::fromArray([])))->best(count($items)) as $best) {
                expect(Reasons::of($best['candidate'], count($items)))->toEndWith('.');
            }
        }
    }
})->with([1, 2, 3, 4]);
