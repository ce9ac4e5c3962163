<?php

declare(strict_types=1);

namespace Tests;

use App\Intake\NoteColours;
use App\Models\Picture;
use App\Models\PictureState;
use Illuminate\Support\Facades\Storage;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Colour\Raster;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Geometry\Shape;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;

/** A picture that is ready, with all its files, for tests to which it does not matter how they were made. */
final class SeededPicture
{
    /**
     * @param  string  $path  of a JPEG
     */
    public static function of(string $path, string $name): Picture
    {
        $hash = hash_file('sha256', $path);
        [$width, $height] = getimagesize($path);
        $image = imagecreatefromjpeg($path);
        $raster = self::raster($image);
        $palette = Palette::of($raster);
        $picture = new Picture([
            'hash' => $hash, 'rendition_key' => Picture::keyFor($hash, Recipe::plain()), 'name' => $name, 'media_type' => 'image/jpeg', 'bytes' => filesize($path),
            'width' => $width, 'height' => $height, 'original_width' => $width, 'original_height' => $height, 'shape' => Shape::of(Size::of($width, $height))->value,
            'title' => ucfirst(strtr(pathinfo($name, PATHINFO_FILENAME), '-', ' ')), 'palette' => $palette->toArray(), 'colour' => $palette->main()->toHex(),
            'look' => PerceptualHash::of($raster)->hex, 'state' => PictureState::Ready,
        ]);
        $picture->renditions = self::renditions($picture, $image);
        Storage::disk('originals')->put($picture->originalPath(), file_get_contents($path));
        $picture->save();
        app(NoteColours::class)->handle($picture);

        return $picture;
    }

    /** One of which everything is made up and nothing by chance, not even its files. */
    public static function told(int $number): Picture
    {
        $hash = hash('sha256', "picture {$number}");
        [$width, $height] = [[1500, 1000], [1000, 1500], [1200, 1200], [2400, 1000]][$number % 4];
        $palette = [[0.3 + 0.08 * $number, 0.02 * ($number - 3), 0.03, 0.6], [0.9, 0.0, 0.0, 0.4]];
        $picture = new Picture([
            'hash' => $hash, 'rendition_key' => Picture::keyFor($hash, Recipe::plain()), 'name' => "kite-{$number}.jpg", 'media_type' => 'image/jpeg', 'bytes' => 1000 * $number,
            'width' => $width, 'height' => $height, 'original_width' => $width, 'original_height' => $height, 'shape' => Shape::of(Size::of($width, $height))->value,
            'focal_x' => 0.1 * $number, 'focal_y' => 0.5, 'title' => "Kite {$number}", 'alt' => $number % 2 === 0 ? "A kite, {$number}" : '', 'camera' => 'Box Three', 'taken_at' => "2026-04-0{$number} 12:00:00",
            'palette' => $palette, 'colour' => Palette::fromArray($palette)->main()->toHex(), 'look' => str_repeat(['00ff', '00fe', 'ffff', '0f0f'][$number % 4], 4), 'state' => PictureState::Ready,
        ]);
        $made = [];
        foreach (array_unique(array_map(static fn (int $step): int => min($step, $width), RenditionPlan::LADDER)) as $step) {
            foreach (['webp', 'jpg'] as $format) {
                Storage::disk('renditions')->put("{$picture->renditionFolder()}/{$step}.{$format}", str_pad('made up', 40 * $step + $number));
                $made["{$step}.{$format}"] = 40 * $step + $number;
            }
        }
        $picture->renditions = $made;
        Storage::disk('originals')->put($picture->originalPath(), "picture {$number}");
        $picture->save();
        app(NoteColours::class)->handle($picture);

        return $picture;
    }

    /**
     * @return array<string, int> bytes by file name: every step of the ladder, in both formats
     */
    private static function renditions(Picture $picture, \GdImage $image): array
    {
        $made = [];
        foreach (array_unique(array_map(fn (int $step): int => min($step, $picture->width), RenditionPlan::LADDER)) as $width) {
            $scaled = imagescale($image, $width);
            foreach (['webp' => imagewebp(...), 'jpg' => imagejpeg(...)] as $format => $write) {
                ob_start();
                $write($scaled, null, 40);
                $bytes = ob_get_clean();
                Storage::disk('renditions')->put("{$picture->renditionFolder()}/{$width}.{$format}", $bytes);
                $made["{$width}.{$format}"] = strlen($bytes);
            }
        }

        return $made;
    }

    private static function raster(\GdImage $image): Raster
    {
        $small = imagescale($image, 32, 32);
        $pixels = [];
        for ($y = 0; $y < 32; $y++) {
            for ($x = 0; $x < 32; $x++) {
                $pixels[] = imagecolorat($small, $x, $y);
            }
        }

        return Raster::of(32, 32, $pixels);
    }
}
