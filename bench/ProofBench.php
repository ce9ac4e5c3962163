<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\AddPictures;
use App\Actions\CreateGallery;
use App\Models\Picture;
use App\Models\PictureState;
use App\Models\Site;

/** From the PATCH of a gallery to its new proof, through HTTP, as a browser does it; by layout, the slowest is the figure. */
final class ProofBench
{
    /**
     * @return array<string, int|float|string>
     */
    public static function run(int $count): array
    {
        $galleryId = self::fill($count);
        $studio = new ServedStudio;
        $version = $studio->send('GET', "galleries/{$galleryId}")['version'];
        $slowest = ['median_ms' => 0.0, 'p95_ms' => 0.0, 'runs' => 0, 'slowest' => ''];
        $each = [];
        try {
            foreach (['grid', 'masonry', 'rows', 'mosaic', 'strip', 'slideshow', 'single'] as $kind) {
                $figures = Stopwatch::time(static function (int $run) use ($studio, $galleryId, $kind, &$version): void {
                    $design = ['layout' => ['kind' => $kind, 'columns' => 2 + $run % 6, 'row_height' => 200 + 5 * $run, 'gap' => $run]];
                    $version = $studio->send('PATCH', "galleries/{$galleryId}", ['version' => $version, 'change' => ['kind' => 'design', 'design' => $design]])['version'];
                }, 21);
                $each["{$kind}_ms"] = $figures['median_ms'];
                if ($figures['median_ms'] > $slowest['median_ms']) {
                    $slowest = [...$figures, 'slowest' => $kind];
                }
            }
        } finally {
            $studio->stop();
        }

        return [...$slowest, 'pictures' => $count, ...$each];
    }

    private static function fill(int $count): string
    {
        Site::query()->create(['name' => 'Bench', 'shell' => '{{head}}{{content}}', 'stylesheet' => '', 'margin' => 18, 'content_width' => 1120]);
        $files = [];
        foreach ([160, 240, 360, 540, 810, 1215, 1820, 2560] as $width) {
            $files["{$width}.webp"] = $width * 50;
        }
        $pictures = [];
        for ($i = 0; $i < $count; $i++) {
            $hash = hash('sha256', (string) $i);
            $pictures[] = Picture::query()->create([
                'hash' => $hash, 'rendition_key' => substr($hash, 0, 24), 'name' => "{$i}.jpg", 'media_type' => 'image/jpeg', 'bytes' => 1,
                'width' => [6000, 4000, 4000][$i % 3], 'height' => [4000, 6000, 4000][$i % 3], 'focal_x' => 0.4, 'state' => PictureState::Ready,
                'title' => "Picture {$i}", 'alt' => "What is to be seen on picture {$i}",
                'renditions' => [...$files, '540.jpg' => 1, '1215.jpg' => 1, '1820.jpg' => 1],
            ]);
        }

        return app(AddPictures::class)->handle(app(CreateGallery::class)->handle('Bench'), $pictures, null)->id;
    }
}
