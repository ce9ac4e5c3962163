<?php

declare(strict_types=1);

namespace Bench;

use App\Models\Gallery;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ZincPane\Core\Colour\PixelGrid;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\NamedFinish;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Finish\Ready;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Legibility\Legibility;
use ZincPane\Core\Markup\GalleryMarkup;

/** What a finish costs: to judge its captions, to bring it to visitors, to change it. */
final class FinishBench
{
    private const RUNS = 11;

    private const LAYOUTS = ['grid', 'masonry', 'rows', 'mosaic', 'strip', 'single'];

    /**
     * All captions over pictures, in all bands, at rest and pointed at; readable ones, and such as have to be mended.
     *
     * @return array<string, int|float|string>
     */
    public static function contrast(int $count): array
    {
        $grids = self::grids($count);
        $slowest = ['median_ms' => 0.0, 'slowest' => ''];
        $each = [];
        foreach (self::LAYOUTS as $kind) {
            foreach (['readable' => 92, 'mended' => 30] as $how => $opacity) {
                $design = GalleryDesign::default()->with(['layout' => ['kind' => $kind, 'columns' => 4], 'finish' => ['captions' => ['place' => 'over', 'title' => true, 'opacity' => $opacity], 'pointed' => ['brightness' => 110]]]);
                $gallery = self::gallery($count, $design);
                $sections = $gallery->sections(new Sections(new Arranger));
                $figures = Stopwatch::time(static fn () => (new Legibility($gallery, $sections, 1120, '#ffffff', $grids))->verdict(), self::RUNS);
                $each["{$kind}_{$how}_ms"] = $figures['median_ms'];
                if ($how === 'readable' && $figures['median_ms'] > $slowest['median_ms']) {
                    $slowest = [...$slowest, ...$figures, 'slowest' => $kind];
                }
            }
        }

        return [...$slowest, 'pictures' => $count, ...$each];
    }

    /**
     * What the CSS of a finish weighs beside the layout's, gzip.
     *
     * @return array<string, int|float|string>
     */
    public static function css(int $count): array
    {
        $largest = ['gzip_bytes' => 0, 'largest' => ''];
        foreach ([...Ready::finishes(), ...Ready::drifts()] as $ready) {
            foreach (self::LAYOUTS as $kind) {
                $design = GalleryDesign::default()->with(['layout' => ['kind' => $kind]]);
                $more = self::weight($count, $design->with(NamedFinish::ready($ready)->part())) - self::weight($count, $design);
                if ($more > $largest['gzip_bytes']) {
                    $largest = ['gzip_bytes' => $more, 'largest' => "{$ready->key}, {$kind}"];
                }
            }
        }

        return ['pictures' => $count, ...$largest];
    }

    /**
     * From a step of the slider "How solid" to the new proof with its verdict, through HTTP.
     *
     * @return array<string, int|float|string>
     */
    public static function proof(int $count): array
    {
        $gallery = Galleries::of($count);
        self::storeGrids($gallery);
        $studio = new ServedStudio;
        try {
            $state = ['version' => $studio->send('GET', "galleries/{$gallery->id}")['version'], 'key' => ''];
            $figures = Stopwatch::time(static function (int $run) use ($studio, $gallery, &$state): void {
                $design = ['finish' => ['captions' => ['place' => 'over', 'title' => true, 'opacity' => 40 + $run]]];
                $answer = $studio->send('PATCH', "galleries/{$gallery->id}", ['version' => $state['version'], 'shows' => $state['key'], 'change' => ['kind' => 'design', 'design' => $design]]);
                $state = ['version' => $answer['version'], 'key' => data_get($answer, 'laid_out.proof.key')];
            }, self::RUNS);
        } finally {
            $studio->stop();
        }

        return [...$figures, 'pictures' => $count];
    }

    private static function weight(int $count, GalleryDesign $design): int
    {
        $gallery = self::gallery($count, $design);
        $markup = new GalleryMarkup('p1', $gallery, $gallery->sections(new Sections(new Arranger)), ContentWidth::page(18, 1120), Addresses::rooted());

        return strlen((string) gzencode($markup->css(), 9));
    }

    private static function gallery(int $count, GalleryDesign $design): FrozenGallery
    {
        $items = [];
        foreach (Shapes::of($count) as $i => $shape) {
            $items[] = new ShownPicture(Size::of((int) (3000 * $shape->value), 3000), FocalPoint::of(0.4, 0.6), new Words("Picture {$i}", 'A caption of some words'), '/media/x', []);
        }

        return new FrozenGallery(About::titled('Bench'), $design, Albums::none(), $items, array_fill(0, $count, null), array_fill(0, $count, false));
    }

    /**
     * @return list<PixelGrid>
     */
    private static function grids(int $count): array
    {
        $dice = new Randomizer(new Mt19937(9));

        return array_map(static fn (): PixelGrid => PixelGrid::of(144, 96, $dice->getBytes(144 * 96), $dice->getBytes(768)), range(1, $count));
    }

    private static function storeGrids(Gallery $gallery): void
    {
        $keys = $gallery->items()->with('picture')->get()->map(static fn ($item): string => $item->picture->rendition_key ?? '')->all();
        foreach (self::grids(count($keys)) as $i => $grid) {
            DB::table('picture_rasters')->insert(['rendition_key' => $keys[$i], 'width' => 144, 'height' => 96, 'numbers' => $grid->numbers, 'colours' => $grid->colours]);
        }
    }
}
