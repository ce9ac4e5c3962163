<?php

declare(strict_types=1);

/*
 * Draws the demo pictures anew: php database/demo/draw.php [name]
 *
 * The outcome is committed; this is only run when a picture is to look otherwise. Each picture
 * has its seed, so the others stay as they are.
 */

use Database\Demo\Drawing\Sheet;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\Raster;

require __DIR__.'/../../vendor/autoload.php';

$only = $argv[1] ?? '';

$draw = static function (string $path, int $width, int $height, int $seed, callable $scene): void {
    $sheet = new Sheet($width, $height, $seed);
    $scene($sheet);
    $svg = tempnam(sys_get_temp_dir(), 'draw').'.svg';
    file_put_contents($svg, $sheet->finish());
    exec('vips svgload --unlimited '.escapeshellarg($svg).' '.escapeshellarg("{$svg}.v").' && vips flatten '.escapeshellarg("{$svg}.v").' '.escapeshellarg("{$path}[Q=74,optimize_coding,strip]"), $output, $status);
    unlink($svg);
    @unlink("{$svg}.v");
    if ($status !== 0) {
        fwrite(STDERR, "{$path} could not be drawn.\n");
        exit(1);
    }
    echo basename($path), ' ', intdiv((int) filesize($path), 1024), " KB\n";
};

$colourOf = static function (string $path): string {
    $image = imagecreatefromjpeg($path);
    $small = $image === false ? false : imagescale($image, Raster::LARGEST, -1);
    if ($small === false) {
        throw new RuntimeException("{$path} cannot be read.");
    }
    $pixels = [];
    for ($y = 0, $height = min(Raster::LARGEST, imagesy($small)); $y < $height; $y++) {
        for ($x = 0; $x < imagesx($small); $x++) {
            $pixels[] = (int) imagecolorat($small, $x, $y);
        }
    }

    return Palette::of(Raster::of(imagesx($small), min(Raster::LARGEST, imagesy($small)), $pixels))->main()->toHex();
};

foreach (['pictures', 'card', 'shelf'] as $folder) {
    @mkdir(__DIR__."/{$folder}");
}
foreach (require __DIR__.'/catalogue.php' as [$name, $width, $height, $seed, $scene]) {
    if (str_contains($name, $only)) {
        $draw(__DIR__."/pictures/{$name}", $width, $height, $seed, $scene);
    }
}
foreach (require __DIR__.'/card.php' as [$name, $width, $height, $seed, $scene, $time, $title, $keywords]) {
    if (str_contains($name, $only)) {
        $path = __DIR__."/card/{$name}";
        $draw($path, $width, $height, $seed, $scene);
        $words = $title === '' ? [] : ["-XMP-dc:Title={$title}", ...array_map(static fn (string $word): string => "-XMP-dc:Subject={$word}", explode(', ', $keywords))];
        exec('exiftool -q -overwrite_original '.implode(' ', array_map(escapeshellarg(...), ["-DateTimeOriginal={$time}", '-Make=Marsh', '-Model=Marsh Box 2', ...$words, $path])));
    }
}
$index = [];
foreach (require __DIR__.'/shelf.php' as [$name, $width, $height, $seed, $scene, $title, $alt, $keywords, $category, $credit, $licence]) {
    $path = __DIR__."/shelf/{$name}";
    if (str_contains($name, $only)) {
        $draw($path, $width, $height, $seed, $scene);
    }
    if (! is_file($path)) {
        continue;
    }
    $index[] = ['file' => $name, 'title' => $title, 'alt' => $alt, 'keywords' => $keywords, 'category' => $category, 'colour' => $colourOf($path), 'credit' => $credit, 'licence' => $licence];
}
file_put_contents(__DIR__.'/shelf/index.json', json_encode($index, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n");
