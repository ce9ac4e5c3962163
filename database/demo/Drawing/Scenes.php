<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** Every picture of the demo site: what it shows, told with the drawing tools. */
final class Scenes
{
    private const GREENS = [
        'summer' => ['#7d9a76', '#6f8450', '#34451f'],
        'dry' => ['#a39a72', '#a8914e', '#53431f'],
        'autumn' => ['#8d8468', '#8f6d3b', '#3f2d17'],
        'dark' => ['#2a3740', '#1b252b', '#0a0f12'],
        'cold' => ['#8fa3a0', '#6f7d68', '#333c31'],
    ];

    /**
     * People with kites on the marsh.
     *
     * @param  list<array{string, float, float, float, float}>  $kites  kind, place, size and turn
     * @param  array{float, float, float, string}|null  $sun  place, size and colour
     */
    public static function field(Sheet $s, string $sky, string $ground, float $horizon, array $kites, int $crowd = 0, float $clouds = 1.0, ?array $sun = null): void
    {
        $o = new Outdoors($s);
        $k = new Kites($s);
        $o->sky($sky, $horizon, $clouds);
        if ($sun !== null) {
            $o->sun($s->width * $sun[0], $s->height * $sun[1], $sun[2], $sun[3]);
        }
        $o->marsh($sky, $horizon, self::GREENS[$ground]);
        $feet = $s->height * ($horizon + 0.5 * (1 - $horizon));
        if ($crowd > 0) {
            $feet = $o->dyke($horizon + 0.12, self::GREENS[$ground][1], self::GREENS[$ground][2]);
            $o->crowd($feet, $crowd, $s->unit() * 0.11);
        }
        foreach ($kites as $i => [$kind, $x, $y, $size, $turn]) {
            $cloth = Kites::CLOTHS[($i * 3 + $s->whole(0, 9)) % count(Kites::CLOTHS)];
            $hx = $s->width * (0.12 + 0.76 * fmod($x * 1.7 + 0.21 * $i, 1.0));
            $size *= $s->unit();
            if ($crowd === 0) {
                $tall = $s->unit() * (0.13 + 0.05 * ($i % 2));
                $o->person($hx, $feet + $tall * 0.4, $tall, $s->pick(['#8c3b2e', '#2f4a5c', '#c08a3a', '#39513c', '#7a2f45']), true, $x * $s->width > $hx ? 1 : -1);
                $k->line($x * $s->width, $y * $s->height, $hx + ($x * $s->width > $hx ? 1 : -1) * $tall * 0.22, $feet - $tall * 0.55);
            } else {
                $k->line($x * $s->width, $y * $s->height, $hx, $feet - $s->unit() * 0.07);
            }
            $k->draw($kind, $x * $s->width, $y * $s->height, $size, $turn, $cloth);
        }
    }

    /** One kite before a wall of boards, as a shop shows it. */
    public static function forSale(Sheet $s, string $kind, int $cloth, string $wall, string $dark, float $turn = 0): void
    {
        $in = new Indoors($s);
        $in->boards(0, $s->height, $wall, $dark, 9, true);
        $in->light(0.3, 0.2, '#fff3da', 0.5);
        $k = new Kites($s);
        $size = $s->unit() * (in_array($kind, ['foil', 'bird', 'delta', 'fish'], true) ? 0.46 : 0.62);
        $x = $s->width / 2 - ($kind === 'fish' ? $size * 0.1 : 0);
        $y = $s->height * (in_array($kind, ['diamond', 'delta', 'star', 'sled'], true) ? 0.4 : 0.5);
        $s->add("<g filter='".$s->blur($s->unit() * 0.012)."' opacity='.5' transform='translate(".($size * 0.05).','.($size * 0.08).")'>");
        $k->draw($kind, $x, $y, $size, $turn, ['#0b0a08', '#0b0a08', '#0b0a08', '#0b0a08'], false);
        $s->add('</g>');
        $k->draw($kind, $x, $y, $size, $turn, Kites::CLOTHS[$cloth]);
        $s->add("<circle cx='{$x}' cy='".($y - $size * 0.55)."' r='".($s->unit() * 0.008)."' fill='#2a2018'/>");
    }

    public static function night(Sheet $s, int $lanterns, int $kites, bool $water, int $crowd): void
    {
        $o = new Outdoors($s);
        $k = new Kites($s);
        $horizon = $water ? 0.6 : 0.72;
        $o->sky('night', $horizon, 0.5);
        $o->stars($horizon, 260);
        if ($water) {
            $o->marsh('night', $horizon - 0.01, self::GREENS['dark'], false);
            $o->water('night', $horizon + 0.05);
        } else {
            $o->marsh('night', $horizon, self::GREENS['dark'], false);
        }
        $warm = ['#ffb347', '#ff8a3c', '#ffd36b', '#ff6f4a', '#f7c6e0'];
        for ($i = 0; $i < $kites; $i++) {
            $k->draw($s->pick(['diamond', 'delta', 'star', 'roller']), $s->width * (0.12 + 0.76 * ($i + $s->between(0.2, 0.8)) / max(1, $kites)), $s->height * $s->between(0.12, 0.46), $s->unit() * $s->between(0.1, 0.2), $s->between(-20, 20), $s->pick(Kites::CLOTHS), true, true);
        }
        for ($i = 0; $i < $lanterns; $i++) {
            $far = $s->between(0.15, 1);
            $x = $s->width * $s->between(0.03, 0.97);
            $y = $s->height * ($horizon - 0.02 - (1 - $far) * 0.1 - $s->between(0, 0.34) * ($water ? 1 : 0.7));
            $colour = $s->pick($warm);
            $k->lantern($x, $y, $s->unit() * 0.075 * $far, $colour);
            if ($water) {
                $my = $s->height * ($horizon + 0.05) * 2 - $y;
                $s->add("<ellipse cx='{$x}' cy='".min($my, $s->height * 0.97)."' rx='".($s->unit() * 0.018 * $far)."' ry='".($s->unit() * 0.07 * $far)."' fill='{$colour}' opacity='.5' filter='".$s->blur($s->unit() * 0.008)."'/>");
            }
        }
        if ($crowd > 0) {
            $o->crowd($o->dyke(0.86, '#11181c', '#05080a'), $crowd, $s->unit() * 0.15);
        }
    }

    /** @param  string  $what spars, reels, rolls, pattern, stitching, seam, window, repair, brushes, tails */
    public static function workshop(Sheet $s, string $what): void
    {
        $in = new Indoors($s);
        $u = $s->unit();
        $w = $s->width;
        $h = $s->height;
        $colours = ['#d9502f', '#1d7874', '#f0b429', '#2f4a7c', '#b3263a', '#e8dfc8', '#5f4b8b', '#2f8f4e', '#f5a25d', '#14213d'];
        if (in_array($what, ['stitching', 'seam', 'tails'], true)) {
            self::closeUp($s, $in, $what);

            return;
        }
        if ($what === 'window') {
            $in->boards(0, $h * 0.64, '#8a7558', '#2d2115', 12, true);
            $in->window($w * 0.3, $h * 0.1, $w * 0.4, $h * 0.36);
            $in->boards($h * 0.64, $h * 0.36, '#b48a58', '#3c2713', 4);
            foreach ([0.1, 0.17, 0.24] as $i => $x) {
                $in->jar($w * $x, $h * (0.7 + 0.02 * $i), $u * 0.22, $colours[$i * 2]);
            }
            $in->reel($w * 0.62, $h * 0.8, $u * 0.09, '#e8dfc8', '#7a4a24');
            $in->cloth($w * 0.34, $h * 0.72, $w * 0.2, $h * 0.2, -8, '#d9502f');
            (new Kites($s))->draw('delta', $w * 0.84, $h * 0.3, $u * 0.26, 14, Kites::CLOTHS[1], false);
            (new Kites($s))->draw('diamond', $w * 0.14, $h * 0.3, $u * 0.3, -10, Kites::CLOTHS[4], false);
            $in->light(0.5, 0.25, '#fff1cf', 0.55);

            return;
        }
        $in->boards(0, $h, $s->pick(['#b48a58', '#a87b4c', '#c09a6a']), '#3c2713', 6, $h > $w);
        match ($what) {
            'spars' => self::many(11, fn (int $i) => $in->spar($w * (0.02 + 0.03 * $i), $h * (0.12 + 0.072 * $i), $w * $s->between(0.7, 0.9), $u * 0.022, $s->between(-7, 5), $s->pick(['#c99a5b', '#e0bb7d', '#30363b', '#a8713a']))),
            'reels' => self::many(6, fn (int $i) => $in->reel($w * (0.2 + 0.3 * ($i % 3)), $h * (0.3 + 0.42 * intdiv($i, 3)), $u * $s->between(0.14, 0.2), $colours[$i + 2], $s->pick(['#7a4a24', '#30363b', '#c99a5b']))),
            'rolls' => self::many(24, fn (int $i) => $in->roll($w * (0.1 + 0.162 * ($i % 6)) + ($i % 12 > 5 ? $w * 0.06 : 0), $h * (0.14 + 0.24 * intdiv($i, 6)), $u * 0.115, $colours[($i * 7) % 10])),
            'pattern' => self::many(1, function () use ($in, $w, $h, $u): void {
                $in->cloth($w * 0.1, $h * 0.14, $w * 0.5, $h * 0.74, -5, '#1d7874', '#f4c95d');
                $in->paper($w * 0.36, $h * 0.18, $u * 0.5, $u * 0.66, 9);
                $in->scissors($w * 0.84, $h * 0.56, $u * 0.34, 28);
                $in->spar($w * 0.3, $h * 0.92, $w * 0.6, $u * 0.02, -3);
            }),
            'repair' => self::many(1, function () use ($s, $in, $w, $h, $u): void {
                (new Kites($s))->draw('delta', $w * 0.46, $h * 0.46, $u * 0.6, -16, Kites::CLOTHS[3], false);
                $in->cloth($w * 0.58, $h * 0.38, $u * 0.16, $u * 0.12, 14, '#f4c95d');
                $in->stitches($w * 0.585, $h * 0.4, $w * 0.585 + $u * 0.15, $h * 0.4 + $u * 0.04, $u * 0.016, '#fff4d8', true);
                $in->scissors($w * 0.86, $h * 0.76, $u * 0.26, -40);
                $in->reel($w * 0.13, $h * 0.8, $u * 0.1, '#f4f1e6', '#30363b');
            }),
            default => self::many(1, function () use ($in, $w, $h, $u, $colours): void {
                foreach ([[0.24, 0.66, 0.5], [0.5, 0.76, 0.62], [0.76, 0.68, 0.52]] as $i => [$x, $y, $size]) {
                    $in->jar($w * $x, $h * $y, $u * $size, $colours[$i * 3]);
                }
            }),
        };
        $in->light($s->pick([0.2, 0.8]), 0.15, '#ffeccb', 0.46);
    }

    /** Boats, a hut, and the creek. */
    public static function creek(Sheet $s, string $sky, bool $hut, int $boats): void
    {
        $o = new Outdoors($s);
        $o->sky($sky, 0.5);
        $o->marsh($sky, 0.5, self::GREENS[$sky === 'grey' ? 'cold' : 'summer'], false);
        $o->water($sky, 0.6);
        if ($hut) {
            $o->hut($s->width * 0.7, $s->height * 0.605, $s->unit() * 0.42, '#8c4a34', '#2b343a');
        }
        for ($i = 0; $i < $boats; $i++) {
            $o->boat($s->width * (0.16 + 0.68 * ($i + 0.4) / $boats), $s->height * (0.72 + 0.07 * $i), $s->unit() * (0.24 + 0.1 * $i), $s->pick(['#2f4a5c', '#8c3b2e', '#39513c', '#d0a24a']), $i % 2 === 0 ? $s->pick(['#b5482f', '#efe3c6', '#d59a3a']) : '');
        }
    }

    private static function closeUp(Sheet $s, Indoors $in, string $what): void
    {
        $w = $s->width;
        $h = $s->height;
        $u = $s->unit();
        [$a, $b, $c] = match ($what) {
            'stitching' => ['#1f6f78', '#e8dfc8', '#f4c95d'],
            'seam' => ['#c8442c', '#f1e6cf', '#22303c'],
            default => ['#2f4a7c', '#f5a25d', '#fff4d8'],
        };
        $in->cloth(-$w * 0.1, -$h * 0.1, $w * 1.2, $h * 1.2, 0, $a);
        $in->cloth($w * 0.46, -$h * 0.2, $w * 0.8, $h * 1.5, $what === 'tails' ? -14 : 11, $b, $what === 'tails' ? '#d9502f' : '');
        foreach ([0.5, 0.535] as $i => $x) {
            $lean = $what === 'tails' ? 0.3 : -0.24;
            $in->stitches($w * $x - $w * 0.02, -10, $w * ($x + $lean), $h + 10, $u * ($i === 0 ? 0.034 : 0.03), $c, $i === 0 && $what !== 'tails');
        }
        if ($what === 'seam') {
            $in->reel($w * 0.8, $h * 0.3, $u * 0.17, $c, '#7a4a24');
        }
        $in->light(0.75, 0.2, '#fff3da', 0.34);
    }

    private static function many(int $count, callable $draw): void
    {
        for ($i = 0; $i < $count; $i++) {
            $draw($i);
        }
    }
}
