<?php

declare(strict_types=1);

use Database\Demo\Drawing\Scenes;
use Database\Demo\Drawing\Sheet;

/*
 * Pictures on the made-up camera card, as a camera numbers them. Of each: file name, width,
 * height (px), seed, what is drawn, capture time, title and keywords that the photographer wrote
 * into the file (or none).
 */

$field = static fn (string $sky, string $ground, float $horizon, array $kites, int $crowd = 0): Closure => static fn (Sheet $s) => Scenes::field($s, $sky, $ground, $horizon, $kites, $crowd);
$creek = static fn (string $sky, bool $hut, int $boats): Closure => static fn (Sheet $s) => Scenes::creek($s, $sky, $hut, $boats);

return [
    ['MB020311.jpg', 1200, 800, 211, $field('morning', 'summer', 0.7, [['fish', 0.3, 0.3, 0.3, -8], ['fish', 0.7, 0.42, 0.2, 6]], 4), '2026:09:12 07:41:10', 'First two up', 'windsock, morning'],
    ['MB020312.jpg', 800, 1200, 212, $field('clear', 'summer', 0.82, [['star', 0.5, 0.3, 0.5, 12]], 0), '2026:09:12 09:15:44', '', ''],
    ['MB020313.jpg', 1200, 800, 213, $field('noon', 'dry', 0.6, [['bird', 0.25, 0.3, 0.26, -12], ['bird', 0.6, 0.2, 0.2, 9], ['bird', 0.82, 0.42, 0.14, -4]], 18), '2026:09:12 12:02:03', '', ''],
    ['MB020314.jpg', 1200, 1200, 214, $field('teal', 'autumn', 0.75, [['roller', 0.5, 0.34, 0.42, 7]], 0), '2026:09:12 14:30:27', 'Old roller, low over the grass', 'roller'],
    ['MB020315.jpg', 1400, 600, 215, $field('rose', 'autumn', 0.66, [['sled', 0.12, 0.3, 0.26, -9], ['delta', 0.34, 0.24, 0.28, 8], ['box', 0.56, 0.34, 0.24, -6], ['foil', 0.78, 0.24, 0.3, 5]], 20), '2026:09:12 17:55:01', '', ''],
    ['MB020316.jpg', 1200, 800, 216, $creek('rose', true, 1), '2026:09:12 18:20:39', '', ''],
    ['MB020317.jpg', 800, 1067, 217, $creek('morning', true, 2), '2026:09:13 06:58:12', 'Morning after', 'creek, boat'],
];
