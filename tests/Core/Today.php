<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;
use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Cropping\FocalFinder;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\CleanHtml;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Edition\ShownVideo;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Box;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Reasons;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Suggestions;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Measuring\Weights;
use ZincPane\Core\Ordering\Orderable;
use ZincPane\Core\Ordering\Orders;
use ZincPane\Core\Snags\LayoutSnags;
use ZincPane\Core\Snags\Mend;

/**
 * What the core computes today of made-up galleries. Published galleries are drawn anew whenever another goes live, and
 * looks and colours lie in the store: who changes the outcome changes what people see, and should mean to.
 *
 * Made anew by `php tests/golden/make.php`; the difference is to be read before it is committed.
 */
final class Today
{
    public const LAYOUTS = [
        'grid' => ['kind' => 'grid', 'column_rule' => 'count', 'columns' => 4, 'shape' => '3:2', 'gap' => 10],
        'grid that fits, centred' => ['kind' => 'grid', 'column_rule' => 'fit', 'tile_width' => 230, 'shape' => '1:1', 'last_row' => 'centre', 'caption_lines' => 2, 'phone' => ['columns' => 3]],
        'grid, balanced' => ['kind' => 'grid', 'columns' => 5, 'shape' => '2:3', 'last_row' => 'balance', 'object_fit' => 'contain'],
        'grid, filled' => ['kind' => 'grid', 'columns' => 3, 'shape' => 'own', 'last_row' => 'fill', 'gap' => 0],
        'masonry' => ['kind' => 'masonry', 'columns' => 4, 'gap' => 12],
        'masonry that fits' => ['kind' => 'masonry', 'column_rule' => 'fit', 'tile_width' => 180, 'caption_lines' => 1, 'gap' => 3],
        'rows' => ['kind' => 'rows', 'row_height' => 210, 'last_row' => 'start', 'gap' => 8],
        'rows, balanced' => ['kind' => 'rows', 'row_height' => 300, 'last_row' => 'balance', 'caption_lines' => 2],
        'rows, centred on a phone' => ['kind' => 'rows', 'row_height' => 150, 'last_row' => 'centre', 'phone' => ['row_height' => 90]],
        'rows, filled' => ['kind' => 'rows', 'row_height' => 260, 'last_row' => 'fill', 'gap' => 20],
        'mosaic' => ['kind' => 'mosaic', 'row_height' => 190, 'gap' => 6],
        'mosaic, captions' => ['kind' => 'mosaic', 'row_height' => 120, 'caption_lines' => 1, 'gap' => 14],
        'strip' => ['kind' => 'strip', 'height' => 320, 'gap' => 9, 'phone' => ['height' => 180]],
        'strip by itself' => ['kind' => 'strip', 'height' => 500],
        'slideshow' => ['kind' => 'slideshow', 'height' => 420, 'seconds' => 5],
        'single' => ['kind' => 'single', 'gap' => 24, 'caption_lines' => 3],
    ];

    private const WIDTHS = [250, 354, 599, 634, 800, 1120, 1900];

    /** @return array<string, mixed> by name of the file */
    public static function all(): array
    {
        return ['boxes' => self::boxes(), 'measures' => self::measures(), 'mends' => self::mends(), 'looks' => self::looks(), 'orders' => self::orders(), 'drawn' => self::drawn()];
    }

    /** @return list<Ratio> */
    public static function shapes(int $count, int $seed): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $known = [1.5, 1.5, 0.667, 1.333, 0.75, 1.778, 1.0, 0.5625, 2.4];

        return array_map(static fn (): Ratio => Ratio::of($known[$dice->getInt(0, 8)], 1), range(1, $count));
    }

    /** @return array<string, mixed> left, top, width, height in tenths of a px, by layout, number of pictures and width */
    public static function boxes(): array
    {
        $boxes = [];
        $galleries = array_map(static fn (int $count): array => self::shapes($count, $count), ['1' => 1, '4' => 4, '13' => 13, '31' => 31]);
        // What a mosaic makes of them is another block for every mixture.
        foreach (['portraits' => [0.667, 0.75], 'squares' => [1.0, 1.1], 'wide ones' => [2.4, 3.0, 1.778], 'all sorts' => [0.5, 3.0, 1.0, 0.667, 1.5]] as $mixture => $known) {
            $galleries["24 {$mixture}"] = array_map(static fn (int $i): Ratio => Ratio::of($known[(7 * $i + intdiv($i, 3)) % count($known)], 1), range(1, 24));
        }
        foreach (self::LAYOUTS as $name => $layout) {
            foreach ($layout['kind'] === 'mosaic' ? $galleries : array_slice($galleries, 0, 4, true) as $gallery => $shapes) {
                $design = designOf($layout);
                $arrangement = Arranger::layout($design)->arrange($shapes, count($shapes) > 4 ? [2, 7] : []);
                foreach (self::WIDTHS as $width) {
                    $boxes[$name]["{$gallery} at {$width}"] = implode(' ', array_map(
                        static fn (Box $box): string => implode(',', array_map(static fn (float $px): string => (string) round(10 * $px), array_values($box->at($width)))),
                        iterator_to_array($arrangement->at($width)->boxes),
                    ));
                }
            }
        }

        return $boxes;
    }

    /** @return array<string, mixed> */
    public static function measures(): array
    {
        $told = [];
        foreach ([3, 12, 23] as $count) {
            $subjects = self::subjects($count);
            foreach (self::LAYOUTS as $name => $layout) {
                $candidates = new Candidates(designOf($layout), $subjects, $count > 12 ? [1, 5] : [], Viewport::wide(1120), Viewport::phone(354));
                $told["{$count} in {$name}"] = [
                    ...self::candidate($candidates->of([]), $count),
                    'snags' => array_map(static fn ($snag): array => [$snag->code, $snag->says, ...array_map(static fn (Mend $mend): string => $mend->label.' '.json_encode($mend->part), $snag->mends)], (new LayoutSnags($candidates, $subjects))->of($candidates->of([]))),
                ];
            }
            $candidates = new Candidates(GalleryDesign::default(), $subjects, [], Viewport::wide(1120), Viewport::phone(354));
            $told["{$count}, alternatives"] = array_map(static fn (Candidate $candidate): array => self::candidate($candidate, $count), $candidates->alternatives());
            $told["{$count}, suggested"] = array_map(static fn (array $best): array => [...self::candidate($best['candidate'], $count), 'score' => round($best['score'], 4)], (new Suggestions($candidates, Weights::fromArray([])))->best($count));
        }

        return $told;
    }

    /** @return array<string, list<string>> all that a rule would try, by rule and layout */
    public static function mends(): array
    {
        $mends = [];
        foreach (LayoutSnags::rules() as $rule) {
            foreach (self::LAYOUTS as $name => $layout) {
                $candidates = new Candidates(designOf($layout), self::subjects(13), [], Viewport::wide(1120), Viewport::phone(354));
                $mends["{$rule->code()}, {$name}"] = array_map(static fn (Mend $mend): string => $mend->label.' '.json_encode($mend->part), [...$rule->mends($candidates->of([]), 13)]);
            }
        }

        return $mends;
    }

    /** @return array<string, mixed> */
    private static function candidate(Candidate $candidate, int $count): array
    {
        return [
            'part' => json_encode($candidate->part), 'reasons' => Reasons::of($candidate, $count),
            'wide' => json_encode($candidate->wide->toArray()), 'phone' => json_encode($candidate->phone->toArray()),
            'qualities' => json_encode(array_map(static fn (float $quality): float => round($quality, 4), $candidate->qualities())),
        ];
    }

    /** @return list<Subject> with files of different weight, texts, and small ones among them */
    private static function subjects(int $count): array
    {
        $dice = new Randomizer(new Mt19937($count));

        return array_map(static function (Ratio $ratio) use ($dice): Subject {
            $high = [3000, 3000, 500, 240][$dice->getInt(0, 3)];
            $size = Size::of((int) round($high * $ratio->value), $high);
            $files = [];
            foreach (RenditionPlan::LADDER as $step) {
                if ($step <= $size->width && $dice->getInt(0, 2) > 0) {
                    $files[$step] = 90 * $step + $dice->getInt(0, 9999);
                }
            }
            $isText = $dice->getInt(0, 9) === 0;

            return new Subject($ratio, $isText ? null : $size, FocalPoint::of($dice->getInt(0, 100) / 100, $dice->getInt(0, 100) / 100), $isText ? [] : $files);
        }, self::shapes($count, $count + 100));
    }

    /** @return list<array<string, mixed>> of drawn scenes */
    public static function looks(): array
    {
        return array_map(static function (int $scene): array {
            [$raster] = FocalScenes::scene($scene);
            $palette = Palette::of($raster);
            $focal = FocalFinder::find($raster)->point;
            $small = $raster->within(20);

            return [
                'look' => PerceptualHash::of($raster)->hex, 'main' => $palette->main()->toHex(), 'palette' => json_encode($palette->toArray()),
                'focal' => [round($focal->x, 4), round($focal->y, 4)], 'small' => "{$small->width}x{$small->height} ".md5(json_encode($small->pixels)),
            ];
        }, range(0, 19));
    }

    /** @return array<string, string> */
    public static function orders(): array
    {
        $dice = new Randomizer(new Mt19937(5));
        $items = array_map(static fn (): Orderable => new Orderable(
            'Kite '.$dice->getInt(1, 40), $dice->getInt(0, 4) > 0 ? $dice->getInt(1, 50) : null, Ratio::of([1.5, 0.667, 1.0, 2.2][$dice->getInt(0, 3)], 1),
            Oklab::fromRgb($dice->getInt(0, 0xFFFFFF)), PerceptualHash::parse(str_repeat(sprintf('%04x', [0, 1, 0xFFFF, 0x0FF0, 0x3C3C][$dice->getInt(0, 4)]), 4)),
        ), range(1, 90));
        $orders = [];
        foreach (array_keys(Orders::LABELS) as $name) {
            foreach ([2, 9, 90] as $count) {
                $orders["{$name}, {$count}"] = implode(' ', Orders::of($name, 7)->arrange(array_slice($items, 0, $count)));
            }
        }

        return $orders;
    }

    /** @return array<string, array{html: list<string>, css: list<string>}> */
    public static function drawn(): array
    {
        $drawn = [];
        foreach (self::LAYOUTS as $name => $layout) {
            $drawn[$name] = self::lines(self::gallery($layout, 'none'), ContentWidth::page(18, 1120), Addresses::rooted());
        }
        $more = ['kind' => 'rows', 'initial_view' => 'rows', 'initial_rows' => 1];
        $drawn['albums under headings, elsewhere'] = self::lines(self::gallery(self::LAYOUTS['grid'], 'headings'), ContentWidth::unknown(), Addresses::absolute('https://kites.example'));
        $drawn['albums by tabs'] = self::lines(self::gallery(self::LAYOUTS['masonry'], 'tabs'), ContentWidth::page(0, 700), Addresses::rooted());
        $drawn['the first rows'] = self::lines(self::gallery($more, 'none'), ContentWidth::page(18, 1120), Addresses::rooted());
        $drawn['page by page'] = self::lines(self::gallery([...self::LAYOUTS['grid'], 'initial_view' => 'pages', 'initial_rows' => 1], 'none'), ContentWidth::page(18, 1120), Addresses::rooted());

        return $drawn;
    }

    /** @return array{html: list<string>, css: list<string>} */
    private static function lines(FrozenGallery $gallery, ContentWidth $content, Addresses $addresses): array
    {
        $fragment = drawnAs($gallery, $content, $addresses);

        return ['html' => explode("\n", str_replace('<', "\n<", $fragment->html)), 'css' => explode("\n", str_replace('}', "}\n", $fragment->css))];
    }

    /** @param  array<string, mixed>  $layout */
    private static function gallery(array $layout, string $view): FrozenGallery
    {
        $items = array_map(static function (int $i, Ratio $shape): Shown {
            $size = Size::of((int) round(($i % 4 === 0 ? 300 : 2000) * $shape->value), $i % 4 === 0 ? 300 : 2000);
            $words = new Words($i % 3 === 0 ? '' : "Kite {$i}", $i % 2 === 0 ? "Seen at <noon> & \"after\" {$i}" : '', $i % 5 === 0 ? '' : "A kite, {$i}", $i === 3 ? 'By the dyke' : '', $i === 6 ? 'https://kites.example/six' : '', $i === 2 ? 'Ada Quill' : '', $i === 9);

            return match ($i) {
                4 => new ShownText(CleanHtml::cleanedBefore('<p>Out at <strong>dawn</strong>.</p>'), $words),
                default => new ShownPicture($size, FocalPoint::of(0.1 * $i, 0.3), $words, "/media/key{$i}", array_values(RenditionPlan::basic()->for($size)), $i === 7 ? new ShownVideo('/media/seven/video.mp4', 'video/mp4') : null),
            };
        }, range(1, 10), self::shapes(10, 77));
        $albums = Albums::parse([['id' => 'A1', 'name' => 'Morning'], ['id' => 'A2', 'name' => 'Evening & night']], $view);

        return galleryOf($items, designOf($layout), $albums, ['A1', 'A1', null, 'A2', 'A2', 'A1', null, 'A2', 'A1', 'A2'], About::titled('Kites')->with(['description' => "Two\nlines", 'shows_title' => true, 'shows_description' => true]), [false, true, false, false, false, false, true, false, false, false]);
    }
}
