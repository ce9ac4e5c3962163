<?php

declare(strict_types=1);

namespace Bench;

use App\Exchange\GalleryOut;
use App\Exchange\MakeGallery;
use App\Exchange\Understand;
use App\Exchange\ZipFiles;
use App\Intake\TakeIn;
use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;

/** Galleries out and in, with originals of some megabytes. */
final class ExchangeBench
{
    /**
     * Written into one file; the memory that it takes beside what was in use before.
     *
     * @return array<string, int|float>
     */
    public static function out(string $folder, int $count): array
    {
        $gallery = Galleries::of($count, 'Out');
        // Each original lies where it belongs: noise, which packs no smaller, of a camera's size.
        foreach (GalleryItem::query()->where('gallery_id', $gallery->id)->with('picture')->get() as $item) {
            if ($item->picture !== null) {
                $path = Storage::disk('originals')->path($item->picture->originalPath());
                is_dir(dirname($path)) || mkdir(dirname($path), 0777, true);
                file_put_contents($path, random_bytes(4 * 1024 * 1024));
            }
        }
        $out = resolve(GalleryOut::class);
        $before = memory_get_usage();
        memory_reset_peak_usage();
        $times = Stopwatch::time(static function () use ($out, $gallery, $folder): void {
            $file = $folder.'/out-'.bin2hex(random_bytes(4)).'.zip';
            $out->write($gallery, $file);
            unlink($file);
        }, 3);

        return [...$times, 'megabytes' => 4 * $count, 'memory_mb' => round((memory_get_peak_usage() - $before) / 1024 / 1024, 1)];
    }

    /**
     * A gallery file read into an empty store, over taking the same originals in by themselves.
     *
     * @return array<string, int|float>
     */
    public static function in(string $folder, int $count): array
    {
        $files = [];
        for ($i = 0; $i < $count; $i++) {
            $files[] = $file = "{$folder}/in-{$i}.jpg";
            CameraFile::make($file, 1600, 1067, $i + 1);
        }
        $intake = static function () use ($files): array {
            self::forget();

            return array_map(static fn (string $file): Picture => resolve(TakeIn::class)->handle($file, basename($file))->picture, $files);
        };
        $plain = self::timed($intake);
        $gallery = Galleries::of(0, 'In');
        foreach (Picture::query()->orderBy('name')->get() as $position => $picture) {
            GalleryItem::query()->create(['gallery_id' => $gallery->id, 'picture_id' => $picture->id, 'position' => $position]);
        }
        $zip = "{$folder}/in.zip";
        resolve(GalleryOut::class)->write($gallery->refresh(), $zip);
        $import = static function () use ($zip): void {
            self::forget();
            $archive = ZipFiles::open($zip, 'in.zip', resolve(\Illuminate\Config\Repository::class));
            resolve(MakeGallery::class)->handle($archive, Understand::of($archive, 'in.zip'), static fn () => null);
        };
        $ratios = [];
        for ($run = 0; $run < 3; $run++) {
            $ratios[] = self::timed($import) / ($run === 0 ? $plain : self::timed($intake));
        }
        sort($ratios);

        return ['pictures' => $count, 'intake_ms' => round($plain), 'ratio' => round($ratios[1], 3)];
    }

    private static function forget(): void
    {
        GalleryItem::query()->delete();
        Gallery::query()->forceDelete();
        Picture::query()->delete();
        (new Filesystem)->deleteDirectory(Storage::disk('originals')->path(''), true);
        (new Filesystem)->deleteDirectory(Storage::disk('renditions')->path(''), true);
    }

    /** ms */
    private static function timed(callable $work): float
    {
        $begun = hrtime(true);
        $work();

        return (hrtime(true) - $begun) / 1e6;
    }
}
