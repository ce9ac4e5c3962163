<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\AddPictures;
use App\Actions\CreateGallery;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureState;
use App\Models\Site;
use Illuminate\Support\Str;
use LogicException;

/** Galleries of pictures that are ready, as large as a benchmark wants them. */
final class Galleries
{
    private const WIDTHS = [160, 240, 360, 540, 810, 1215, 1820, 2560];

    private static int $made = 0;

    public static function of(int $count, string $title = 'Bench'): Gallery
    {
        Site::query()->firstOrCreate(['name' => 'Bench'], ['shell' => '{{head}}{{content}}', 'stylesheet' => '', 'margin' => 18, 'content_width' => 1120]);

        return app(AddPictures::class)->handle(app(CreateGallery::class)->handle($title), self::pictures($count), null);
    }

    /**
     * @return list<Picture>
     */
    private static function pictures(int $count): array
    {
        $rows = [];
        for ($i = 0; $i < $count; $i++) {
            $hash = hash('sha256', 'bench '.++self::$made);
            $files = [];
            foreach (self::WIDTHS as $width) {
                $files["{$width}.webp"] = $width * 50 + $i;
            }
            $rows[] = [
                'id' => strtolower((string) Str::ulid()), 'hash' => $hash, 'rendition_key' => substr($hash, 0, 24), 'name' => "kite-{$i}.jpg", 'media_type' => 'image/jpeg', 'bytes' => 1,
                'width' => [6000, 4000, 4000][$i % 3], 'height' => [4000, 6000, 4000][$i % 3], 'focal_x' => 0.4, 'state' => PictureState::Ready->value, 'colour' => '#8090a0',
                'original_width' => 6000, 'original_height' => 4000, 'title' => "Picture {$i}", 'alt' => "What is to be seen on picture {$i}",
                'renditions' => json_encode([...$files, '540.jpg' => 1, '1215.jpg' => 1, '1820.jpg' => 1]), 'created_at' => '2026-01-01 00:00:00', 'updated_at' => '2026-01-01 00:00:00',
            ];
        }
        foreach (array_chunk($rows, 400) as $some) {
            Picture::query()->insert($some);
        }
        $known = Picture::query()->whereIn('id', array_column($rows, 'id'))->get()->keyBy('id');

        return array_map(static fn (array $row): Picture => $known[$row['id']] ?? throw new LogicException('A picture is missing.'), $rows);
    }

    /** Lays files that browsers can show where visitors would find them: of all pictures the same few. */
    public static function release(Gallery $gallery): void
    {
        $folder = config()->string('filesystems.disks.live.root');
        $files = [];
        foreach ($gallery->items()->with('picture')->get() as $item) {
            foreach (array_keys($item->picture->renditions ?? []) as $file) {
                $files[$file] ??= self::file($folder, $file);
                $target = "{$folder}/media/".($item->picture->rendition_key ?? '')."/{$file}";
                is_dir(dirname($target)) || mkdir(dirname($target), 0775, true);
                link($files[$file], $target);
            }
        }
    }

    private static function file(string $folder, string $name): string
    {
        $width = max(1, (int) $name);
        $image = imagecreatetruecolor($width, max(1, intdiv(2 * $width, 3)));
        imagefilledellipse($image, intdiv($width, 2), intdiv($width, 3), intdiv($width, 2), intdiv($width, 2), 0xC03020);
        is_dir($folder) || mkdir($folder, 0775, true);
        $path = "{$folder}/{$name}";
        str_ends_with($name, '.webp') ? imagewebp($image, $path, 60) : imagejpeg($image, $path, 60);

        return $path;
    }
}
