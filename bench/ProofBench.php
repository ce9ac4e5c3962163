<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\AddPictures;
use App\Actions\CreateGallery;
use App\Models\Picture;
use App\Models\PictureState;
use App\Models\Site;

/** From the PATCH of a gallery to its new proof, through HTTP, as a browser does it. */
final class ProofBench
{
    /**
     * @return array<string, int|float>
     */
    public static function run(int $count): array
    {
        $galleryId = self::fill($count);
        $studio = new ServedStudio;
        $version = $studio->send('GET', "galleries/{$galleryId}")['version'];
        $bytes = 0;
        try {
            $figures = Stopwatch::time(static function (int $run) use ($studio, $galleryId, &$version, &$bytes): void {
                $answer = $studio->send('PATCH', "galleries/{$galleryId}", ['version' => $version, 'change' => ['kind' => 'design', 'design' => ['layout' => ['columns' => 2 + $run % 6]]]]);
                $version = $answer['version'];
                $bytes = strlen((string) json_encode($answer['proof']));
            }, 31);
        } finally {
            $studio->stop();
        }

        return [...$figures, 'pictures' => $count, 'proof_bytes' => $bytes];
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
