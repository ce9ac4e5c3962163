<?php

declare(strict_types=1);

use Random\Randomizer;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Edition\CleanHtml;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Reasons;
use ZincPane\Core\Measuring\Suggestions;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Measuring\Weights;
use ZincPane\Core\Snags\LayoutSnags;

covers(GalleryMarkup::class, Sections::class, LayoutSnags::class, Suggestions::class);

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
    $dice = dice($seed);
    for ($trial = 0; $trial < trials(300); $trial++) {
        $design = designOf(anyLayout($dice), anyFinish($dice));
        $items = anyItems($dice);
        $told = json_encode($design->toArray()).' with '.count($items);
        $gallery = galleryOf($items, $design, Albums::parse([], AlbumView::None->value));
        foreach ([ContentWidth::page(18, 1120), ContentWidth::unknown()] as $content) {
            $drawn = drawnAs($gallery, $content);
            expect($drawn->css)->not->toMatch('/\b(nan|inf)\b/i')->and(substr_count($drawn->css, '{'))->toBe(substr_count($drawn->css, '}'))
                ->and(substr_count($drawn->html, '<li'))->toBe(count($items), $told);
        }
        $sections = $gallery->sections(new Sections(new Arranger));
        foreach ($sections as $section) {
            foreach ($section->arrangement->bands as $band) {
                foreach ([max(Arrangement::NARROWEST, $band->band->from), ($band->band->until ?? Arrangement::WIDEST + 1) - 1] as $width) {
                    foreach ($band->boxes as $box) {
                        expect(min($box->width->at($width), $box->height->at($width)))->toBeGreaterThan(0.0, "{$told} at {$width}");
                    }
                }
            }
        }
        $subjects = $gallery->subjects();
        $candidates = new Candidates($design, $subjects, [], Viewport::wide(1120), Viewport::phone(354));
        $now = $candidates->of([]);
        expect(json_encode([$now->wide->toArray(), $now->phone->toArray()]))->toBeString();
        (new LayoutSnags($candidates, $subjects))->of($now);
        if ($trial % 15 === 0) {
            foreach ((new Suggestions($candidates, Weights::fromArray([])))->best(count($items)) as $best) {
                expect(Reasons::of($best['candidate'], count($items)))->toEndWith('.');
            }
        }
    }
})->with(sample([1, 2, 3, 4], 1));
