<?php

declare(strict_types=1);

use Database\Demo\Drawing\Scenes;
use Database\Demo\Drawing\Sheet;

/*
 * Pictures on the made-up stock shelf. Of each: file name, width, height (px), seed, what is
 * drawn, title, alt text, keywords, category, credit, licence.
 */

$field = static fn (string $sky, string $ground, float $horizon, array $kites = [], int $crowd = 0, ?array $sun = null): Closure => static fn (Sheet $s) => Scenes::field($s, $sky, $ground, $horizon, $kites, $crowd, 1.0, $sun);
$work = static fn (string $what): Closure => static fn (Sheet $s) => Scenes::workshop($s, $what);
$creek = static fn (string $sky, bool $hut, int $boats): Closure => static fn (Sheet $s) => Scenes::creek($s, $sky, $hut, $boats);
$night = static fn (int $lanterns, int $kites, bool $water, int $crowd): Closure => static fn (Sheet $s) => Scenes::night($s, $lanterns, $kites, $water, $crowd);

return [
    ['marsh-at-noon.jpg', 1100, 733, 311, $field('noon', 'summer', 0.55), 'Salt marsh at noon', 'Green salt marsh with a winding creek under a blue sky', ['marsh', 'grass', 'creek', 'sky'], 'landscape', 'Odo Fenn', 'free with credit'],
    ['marsh-in-autumn.jpg', 1100, 733, 312, $field('rose', 'autumn', 0.6), 'Marsh in autumn', 'Rust-coloured marsh under a pink evening sky', ['marsh', 'autumn', 'evening', 'sky'], 'landscape', 'Odo Fenn', 'free with credit'],
    ['storm-coming.jpg', 1100, 619, 313, $field('storm', 'cold', 0.62), 'Storm coming', 'Dark storm clouds over flat grey-green land', ['storm', 'cloud', 'rain', 'sky'], 'weather', 'Ilse Warrow', 'free'],
    ['clear-morning.jpg', 1100, 733, 314, $field('morning', 'dry', 0.66, [], 0, [0.7, 0.4, 0.05, '#fff3cf']), 'Clear morning', 'Low sun over dry grassland on a hazy morning', ['morning', 'sun', 'grass', 'sky'], 'weather', 'Ilse Warrow', 'free'],
    ['three-boats.jpg', 1100, 733, 315, $creek('noon', false, 3), 'Three boats', 'Three small boats on calm water at noon', ['boat', 'water', 'creek'], 'water', 'Odo Fenn', 'free with credit'],
    ['hut-by-the-water.jpg', 800, 1067, 316, $creek('teal', true, 1), 'Hut by the water', 'A red hut beside still water, with one boat', ['hut', 'boat', 'water'], 'water', 'Pim Tarrant', 'free'],
    ['sorted-spars.jpg', 1100, 733, 317, $work('spars'), 'Rods on a bench', 'Wooden rods lying side by side on a workbench', ['wood', 'rod', 'bench', 'tool'], 'craft', 'Pim Tarrant', 'free'],
    ['coloured-reels.jpg', 900, 900, 318, $work('reels'), 'Coloured reels', 'Reels of thread in several colours on a bench', ['reel', 'thread', 'colour', 'craft'], 'craft', 'Pim Tarrant', 'free'],
    ['bolts-of-cloth.jpg', 1100, 733, 319, $work('rolls'), 'Bolts of cloth', 'Rolls of coloured cloth seen from the end', ['cloth', 'roll', 'colour', 'craft'], 'craft', 'Ada Quill', 'free with credit'],
    ['lanterns.jpg', 1100, 733, 320, $night(14, 0, false, 6), 'Lanterns', 'Paper lanterns in the night sky above a few people', ['lantern', 'night', 'light'], 'night', 'Ada Quill', 'free with credit'],
    ['lights-on-water.jpg', 1100, 619, 321, $night(9, 0, true, 0), 'Lights on water', 'Lanterns mirrored in dark water', ['lantern', 'night', 'water'], 'night', 'Ada Quill', 'free with credit'],
    ['people-on-a-dyke.jpg', 1100, 619, 322, $field('clear', 'summer', 0.6, [], 24), 'People on a dyke', 'A row of people standing on a grass dyke', ['people', 'crowd', 'dyke', 'sky'], 'people', 'Ilse Warrow', 'free'],
];
