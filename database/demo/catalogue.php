<?php

declare(strict_types=1);

use Database\Demo\Drawing\Scenes;
use Database\Demo\Drawing\Sheet;

/*
 * The pictures of the demo site. Of each: file name, width, height (px), seed, what is drawn,
 * gallery, title, caption, alt text, focal point. Some have no alt text, and one looks much like
 * another, as it is with real piles of pictures.
 */

$field = static fn (string $sky, string $ground, float $horizon, array $kites, int $crowd = 0, float $clouds = 1.0, ?array $sun = null): Closure => static fn (Sheet $s) => Scenes::field($s, $sky, $ground, $horizon, $kites, $crowd, $clouds, $sun);
$sale = static fn (string $kind, int $cloth, string $wall, string $dark, float $turn = 0): Closure => static fn (Sheet $s) => Scenes::forSale($s, $kind, $cloth, $wall, $dark, $turn);
$work = static fn (string $what): Closure => static fn (Sheet $s) => Scenes::workshop($s, $what);
$night = static fn (int $lanterns, int $kites, bool $water, int $crowd): Closure => static fn (Sheet $s) => Scenes::night($s, $lanterns, $kites, $water, $crowd);
$creek = static fn (string $sky, bool $hut, int $boats): Closure => static fn (Sheet $s) => Scenes::creek($s, $sky, $hut, $boats);

$deltas = [['delta', 0.36, 0.3, 0.3, -14], ['diamond', 0.68, 0.42, 0.16, 12], ['delta', 0.83, 0.22, 0.12, 8]];

return [
    ['two-deltas-at-noon.jpg', 1800, 1200, 11, $field('noon', 'summer', 0.7, $deltas), 'wind', 'Two deltas at noon', 'The wind came up at eleven and stayed until supper.', 'A large delta kite and two smaller kites over a green marsh under a blue sky', 0.38, 0.32],
    ['evening-train.jpg', 1200, 1800, 12, static function (Sheet $s): void {
        Scenes::field($s, 'evening', 'dry', 0.78, [], 9, 0.9, [0.24, 0.72, 0.035, '#ffe1a0']);
        (new Database\Demo\Drawing\Kites($s))->train('diamond', $s->width * 0.34, $s->height * 0.14, $s->width * 0.66, $s->height * 0.76, 9, $s->unit() * 0.3, $s->width * 0.16);
    }, 'wind', 'Nine on one line', 'A train of nine diamonds, flown by three people.', 'A train of nine diamond kites rising from a crowd into an evening sky', 0.45, 0.3],
    ['crowd-on-the-dyke.jpg', 2000, 1333, 13, $field('clear', 'summer', 0.6, [['diamond', 0.2, 0.2, 0.16, 9], ['foil', 0.48, 0.16, 0.2, -5], ['star', 0.76, 0.28, 0.15, 14], ['bird', 0.62, 0.4, 0.1, -8], ['delta', 0.32, 0.42, 0.1, 6], ['fish', 0.88, 0.12, 0.1, -10]], 22), 'wind', 'Everyone on the dyke', 'Four hundred people came; the tea ran out at three.', 'A long row of people on a grass dyke flying kites of many shapes', 0.5, 0.7],
    ['against-the-cloud.jpg', 1600, 1600, 14, $field('grey', 'cold', 0.86, [['diamond', 0.5, 0.34, 0.52, 11]], 0, 1.2), 'wind', 'Against the cloud', '', 'A big diamond kite close up against grey cloud', 0.5, 0.36],
    ['the-whole-marsh.jpg', 3000, 1150, 15, $field('teal', 'summer', 0.68, [['delta', 0.1, 0.2, 0.2, -9], ['diamond', 0.22, 0.4, 0.14, 12], ['box', 0.32, 0.22, 0.17, 6], ['star', 0.42, 0.44, 0.12, -10], ['foil', 0.53, 0.2, 0.2, 4], ['bird', 0.64, 0.38, 0.13, 10], ['sled', 0.74, 0.2, 0.15, -12], ['roller', 0.84, 0.42, 0.15, 8], ['diamond', 0.93, 0.22, 0.2, -7]], 26), 'wind', 'The whole marsh', 'From Gull Sluice to the old groyne.', 'Nine kites over the whole width of the salt marsh, with a line of people below', 0.5, 0.4],
    ['DSC_0418.jpg', 1200, 1600, 16, $field('clear', 'dry', 0.85, [['box', 0.52, 0.36, 0.42, -9]], 0, 0.8), 'wind', 'Box kite, steady', 'Box kites like a strong wind and a long line.', '', 0.52, 0.36],
    ['windsocks.jpg', 1600, 1200, 17, static function (Sheet $s): void {
        $o = new Database\Demo\Drawing\Outdoors($s);
        $k = new Database\Demo\Drawing\Kites($s);
        $o->sky('morning', 0.74);
        $o->marsh('morning', 0.74, ['#a39a72', '#9a8c52', '#453a1d']);
        foreach ([0.14, 0.36, 0.58, 0.78] as $i => $x) {
            $s->add("<rect x='".($s->width * $x - 5)."' y='".($s->height * (0.2 + 0.06 * $i))."' width='10' height='".($s->height * (0.66 - 0.06 * $i))."' fill='#5a4630'/>");
            $k->draw('fish', $s->width * ($x + 0.085), $s->height * (0.25 + 0.06 * $i), $s->unit() * 0.2, 4 + 3 * $i, Database\Demo\Drawing\Kites::CLOTHS[$i * 2], false);
        }
    }, 'wind', 'Windsocks by the gate', '', 'Four fish windsocks on wooden poles in the morning light', 0.4, 0.35],
    ['let-out-more-line.jpg', 1200, 1800, 18, $field('rose', 'autumn', 0.74, [['diamond', 0.62, 0.22, 0.3, 16]], 0, 0.9), 'wind', 'Let out more line', 'First flight of a kite finished the night before.', 'One person holding the line of a diamond kite high in a pink evening sky', 0.6, 0.27],
    ['before-the-rain.jpg', 1800, 1200, 19, $field('storm', 'cold', 0.68, [['delta', 0.58, 0.34, 0.3, -20]], 0, 1.3), 'wind', 'Before the rain', 'Ten minutes later everybody was in the tea tent.', 'A single delta kite under dark storm clouds', 0.58, 0.4],
    ['tents-and-foils.jpg', 2200, 1238, 20, static function (Sheet $s): void {
        Scenes::field($s, 'noon', 'summer', 0.64, [['foil', 0.28, 0.24, 0.32, -6], ['foil', 0.66, 0.3, 0.24, 8], ['roller', 0.87, 0.18, 0.16, -6]], 16);
        $o = new Database\Demo\Drawing\Outdoors($s);
        foreach ([[0.12, '#d9502f', '#f3e9d2'], [0.3, '#1d7874', '#f3e9d2'], [0.86, '#f0b429', '#fff8e6']] as [$x, $a, $b]) {
            $o->tent($s->width * $x, $s->height * 0.87, $s->unit() * 0.26, $a, $b);
        }
    }, 'wind', 'Tents and foils', 'The repair tent is the red one.', 'Striped tents on the grass with large soft kites above them', 0.4, 0.5],
    ['two-deltas-at-noon-2.jpg', 1800, 1200, 11, static function (Sheet $s) use ($deltas): void {
        Scenes::field($s, 'noon', 'summer', 0.7, array_map(static fn (array $kite): array => [$kite[0], $kite[1] + 0.012, $kite[2] - 0.008, $kite[3], $kite[4] + 2], $deltas));
    }, 'wind', '', '', '', 0.39, 0.31],
    ['smallest-kite.jpg', 1600, 1600, 22, $field('morning', 'dry', 0.64, [['sled', 0.66, 0.3, 0.2, 18]], 0, 0.8, [0.2, 0.3, 0.04, '#fff3cf']), 'wind', 'The smallest kite', 'Two sheets of paper and a shoelace, and it flew.', 'A small sled kite on a short line in warm morning light', 0.6, 0.4],

    ['diamond-saffron.jpg', 1500, 1500, 31, $sale('diamond', 4, '#d6d0c2', '#3f3a30', 6), 'sale', 'Harbour diamond', '86 cm, light to fresh wind. Tail of four bows.', 'Diamond kite in saffron, red and navy on a pale board wall', 0.5, 0.42],
    ['delta-petrol.jpg', 1800, 1350, 32, $sale('delta', 1, '#c9ced0', '#30383c', -4), 'sale', 'Saltwing delta', '190 cm, flies in next to nothing.', 'Delta kite in petrol and yellow on a grey board wall', 0.5, 0.42],
    ['box-crimson.jpg', 1350, 1800, 33, $sale('box', 3, '#e0d6c6', '#4a3c2c', 8), 'sale', 'Lighthouse box', '70 cm, for strong wind. Ash spars.', 'Box kite in crimson and cream on a board wall', 0.5, 0.5],
    ['fish-teal.jpg', 1800, 1200, 34, $sale('fish', 9, '#cfc5b2', '#40372a', -3), 'sale', 'Creek bream', '120 cm, a windsock that swims.', 'Fish-shaped windsock in blue and white', 0.45, 0.5],
    ['star-plum.jpg', 1500, 1500, 35, $sale('star', 5, '#d3d3cd', '#34342f', 9), 'sale', 'Sixpoint', '100 cm, stands very still.', 'Six-sided kite in plum and rose', 0.5, 0.42],
    ['sled-green.jpg', 1350, 1800, 36, $sale('sled', 6, '#dccfb9', '#463822'), 'sale', 'Pocket sled', 'Rolls up to the size of a loaf. For beginners.', 'Sled kite in green, cream and red', 0.5, 0.42],
    ['foil-citrus.jpg', 2000, 1333, 37, $sale('foil', 2, '#c4cacb', '#2b3337'), 'sale', 'Nine-cell foil', '160 cm, no spars at all; pulls like a dog.', 'Soft nine-cell kite in blue, orange and cream', 0.5, 0.5],
    ['bird-navy.jpg', 1800, 1200, 38, $sale('bird', 7, '#d9d2c4', '#3c352a', -6), 'sale', 'Marsh harrier', '170 cm. Circles when the wind drops.', '', 0.5, 0.48],
    ['roller-coral.jpg', 1350, 1800, 39, $sale('roller', 8, '#d2d6d2', '#2f3832', 5), 'sale', 'Old roller', 'After a pattern from a sailmaker\'s notebook.', 'Kite of two crossed sails in coral, sand and blue', 0.5, 0.5],
    ['diamond-black.jpg', 1500, 1500, 40, $sale('diamond', 0, '#cbbfa9', '#3a2f20', -7), 'sale', 'Signal diamond', '110 cm, seen from a mile off.', 'Diamond kite in orange, cream and slate', 0.5, 0.42],

    ['spars.jpg', 1800, 1200, 51, $work('spars'), 'shop', 'Spars, sorted', 'Ash, spruce and carbon, from 4 to 12 mm.', 'Wooden and carbon rods laid out on a workbench', 0.5, 0.5],
    ['reels.jpg', 1500, 1500, 52, $work('reels'), 'shop', 'Reels', '', 'Six reels of coloured line on a workbench', 0.5, 0.5],
    ['rolls-of-sailcloth.jpg', 1400, 1750, 53, $work('rolls'), 'shop', 'Sailcloth by the roll', 'Thirty-one grams to the square metre.', 'Ends of many rolls of coloured sailcloth', 0.5, 0.5],
    ['cutting-a-pattern.jpg', 2000, 1333, 54, $work('pattern'), 'shop', 'Cutting a pattern', 'Paper first; cloth is dear.', 'Paper pattern, scissors and striped cloth on a bench', 0.6, 0.5],
    ['IMG_2207.jpg', 1600, 1600, 55, $work('stitching'), 'shop', 'Zigzag and straight', 'Two rows hold a seam in any wind.', '', 0.5, 0.4],
    ['open-seam.jpg', 1200, 1600, 56, $work('seam'), 'shop', 'An open seam', 'Repairs are done within the week.', 'Close-up of a stitched seam between red and cream cloth, with a reel of thread', 0.55, 0.4],
    ['by-the-window.jpg', 1800, 1350, 57, $work('window'), 'shop', 'By the window', 'The bench looks out over the creek.', 'Workshop bench under a window, with brushes, a reel and two kites on the wall', 0.5, 0.4],
    ['on-the-bench.jpg', 1800, 1200, 58, $work('repair'), 'shop', 'On the bench', 'A tear of a hand\'s length: a patch and forty stitches.', 'Red delta kite on a workbench with a yellow patch, scissors and a reel', 0.46, 0.46],
    ['brushes.jpg', 1600, 1067, 59, $work('brushes'), 'shop', 'Brushes', '', 'Three jars of brushes on a bench', 0.5, 0.55],
    ['striped-tail.jpg', 1200, 1500, 60, $work('tails'), 'shop', 'Striped for a tail', '', 'Striped orange cloth stitched to dark blue', 0.5, 0.5],

    ['lanterns-on-the-water.jpg', 2000, 1333, 71, $night(16, 0, true, 0), 'night', 'Lanterns on the water', '', 'Paper lanterns glowing over dark still water', 0.5, 0.5],
    ['lit-kites.jpg', 1200, 1800, 72, $night(0, 6, false, 9), 'night', 'Lit from within', 'A bicycle lamp in each.', 'Six glowing kites in the night sky above a row of people', 0.5, 0.35],
    ['stars-above.jpg', 1800, 1200, 73, $night(6, 4, false, 0), 'night', 'Stars above', '', '', 0.5, 0.4],
    ['last-lantern.jpg', 1500, 1500, 74, $night(3, 1, true, 0), 'night', 'The last lantern', '', 'A few lanterns and one lit kite over dark water', 0.5, 0.5],
    ['night-crowd.jpg', 2600, 1100, 75, $night(24, 5, false, 26), 'night', 'Everyone stayed', '', 'A wide night view of lanterns and lit kites above a crowd', 0.5, 0.5],

    ['workshop-from-the-creek.jpg', 2200, 1238, 81, $creek('rose', true, 2), 'press', 'The workshop from the creek', '', 'Red wooden workshop beside a creek at sunset, with two boats', 0.68, 0.52],
    ['two-boats.jpg', 1800, 1200, 82, $creek('morning', false, 3), 'press', 'Boats on the creek', '', 'Three small boats on still water in the morning', 0.5, 0.66],
    ['grey-tide.jpg', 1200, 1600, 83, $creek('grey', true, 1), 'press', 'Grey tide', '', '', 0.65, 0.55],
];
