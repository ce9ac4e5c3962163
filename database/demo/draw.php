<?php

declare(strict_types=1);

/*
 * Draws the demo pictures anew: php database/demo/draw.php [name]
 *
 * The outcome is committed; this is only run when a picture is to look otherwise. Each picture
 * has its seed, so the others stay as they are.
 */

use Database\Demo\Drawing\Sheet;

require __DIR__.'/../../vendor/autoload.php';

$only = $argv[1] ?? null;
$folder = __DIR__.'/pictures';
@mkdir($folder);
foreach (require __DIR__.'/catalogue.php' as [$name, $width, $height, $seed, $draw]) {
    if ($only !== null && ! str_contains($name, $only)) {
        continue;
    }
    $sheet = new Sheet($width, $height, $seed);
    $draw($sheet);
    $svg = tempnam(sys_get_temp_dir(), 'draw').'.svg';
    file_put_contents($svg, $sheet->finish());
    exec('vips svgload --unlimited '.escapeshellarg($svg).' '.escapeshellarg("{$svg}.v").' && vips flatten '.escapeshellarg("{$svg}.v").' '.escapeshellarg("{$folder}/{$name}[Q=74,optimize_coding,strip]"), $output, $status);
    unlink($svg);
    @unlink("{$svg}.v");
    if ($status !== 0) {
        fwrite(STDERR, "{$name} could not be drawn.\n");
        exit(1);
    }
    echo $name, ' ', intdiv((int) filesize("{$folder}/{$name}"), 1024), " KB\n";
}
