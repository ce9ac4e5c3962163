<?php

declare(strict_types=1);

namespace Bench;

use App\Intake\NoteColours;
use App\Models\Picture;
use App\Models\PictureState;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\Raster;
use ZincPane\Core\Geometry\Shape;
use ZincPane\Core\Geometry\Size;

/** Each filter of a store of many pictures, through HTTP; the slowest is the figure. */
final class StoreBench
{
    private const FILTERS = [
        'everything' => '', 'words' => 'words=red+kit', 'one-word' => 'words=kite', 'colour' => 'colour=c03028', 'grey' => 'colour=808080', 'shape' => 'shape=portrait',
        'dates' => 'from=2025-03-01&until=2025-09-01', 'unused' => 'unused=1', 'undescribed' => 'undescribed=1',
        'all-at-once' => 'words=kite&colour=c03028&shape=landscape&from=2025-01-01&unused=1&undescribed=1',
        'deep' => 'offset=9000',
    ];

    private const WORDS = ['red', 'kite', 'dyke', 'crowd', 'reel', 'tail', 'evening', 'wind', 'workshop', 'sail', 'bamboo', 'knot'];

    /**
     * @return array<string, int|float|string>
     */
    public static function run(int $count): array
    {
        self::fill($count);
        $studio = new ServedStudio;
        $slowest = ['median_ms' => 0.0, 'p95_ms' => 0.0, 'runs' => 0, 'slowest' => ''];
        $each = [];
        try {
            foreach (self::FILTERS as $name => $filter) {
                $figures = Stopwatch::time(static fn (): array => $studio->send('GET', "pictures?{$filter}"), 11);
                $each["{$name}_ms"] = $figures['median_ms'];
                if ($figures['median_ms'] > $slowest['median_ms']) {
                    $slowest = [...$figures, 'slowest' => $name];
                }
            }
        } finally {
            $studio->stop();
        }

        return [...$slowest, 'pictures' => $count, ...$each];
    }

    private static function fill(int $count): void
    {
        $dice = new Randomizer(new Mt19937(11));
        $colours = app(NoteColours::class);
        DB::transaction(static function () use ($count, $colours, $dice): void {
            for ($i = 0; $i < $count; $i++) {
                $hash = hash('sha256', "store {$i}");
                $size = Size::of(...[[6000, 4000], [4000, 6000], [4000, 4000]][$i % 3]);
                $picture = Picture::query()->create([
                    'hash' => $hash, 'rendition_key' => substr($hash, 0, 24), 'name' => "dsc{$i}.jpg", 'media_type' => 'image/jpeg', 'bytes' => 1,
                    'width' => $size->width, 'height' => $size->height, 'shape' => Shape::of($size)->value, 'state' => PictureState::Ready, 'renditions' => ['240.webp' => 1, '540.webp' => 1],
                    'title' => self::words($dice, 3), 'alt' => $i % 4 === 0 ? '' : self::words($dice, 6), 'keywords' => self::words($dice, 2),
                    'taken_at' => date('Y-m-d H:i:s', 1_735_689_600 + $i * 3100), 'palette' => self::palette($dice)->toArray(),
                ]);
                $colours->handle($picture);
            }
        });
    }

    private static function words(Randomizer $dice, int $count): string
    {
        $words = [];
        for ($i = 0; $i < $count; $i++) {
            $words[] = self::WORDS[$dice->getInt(0, count(self::WORDS) - 1)];
        }

        return implode(' ', $words);
    }

    /** Five plain colours, as a picture may have. */
    private static function palette(Randomizer $dice): Palette
    {
        $pixels = [];
        for ($i = 0; $i < 5; $i++) {
            array_push($pixels, ...array_fill(0, 20, $dice->getInt(0, 0xFFFFFF)));
        }

        return Palette::of(Raster::of(10, 10, $pixels));
    }
}
