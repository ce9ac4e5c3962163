<?php

declare(strict_types=1);

namespace Tests\Core;

use GdImage;
use ZincPane\Core\Colour\Raster;

/** Small drawn scenes, each with one subject whose place is known; the same ones every time. */
final class FocalScenes
{
    public const COUNT = 80;

    private const SIZES = [[96, 64], [64, 96], [96, 96], [96, 40], [72, 96]];

    private const GROUNDS = ['sky', 'horizon', 'grass', 'boards', 'dusk', 'rings', 'sand', 'crowded'];

    private const SUBJECTS = ['kite', 'disc', 'figure', 'boat', 'star', 'pair'];

    /** Subject colours beside grounds they stand out from, some strongly and some hardly. */
    private const COLOURS = [[214, 64, 44], [238, 190, 60], [30, 110, 120], [240, 240, 235], [40, 44, 60], [190, 90, 160], [90, 150, 70], [120, 130, 140]];

    private GdImage $sheet;

    private function __construct(private readonly int $width, private readonly int $height)
    {
        $this->sheet = imagecreatetruecolor($width, $height);
    }

    /**
     * @return array{Raster, array{float, float, float, float}} and the box of its subject: left, top, right, bottom as shares
     */
    public static function scene(int $index): array
    {
        mt_srand(1000 + $index);
        [$width, $height] = self::SIZES[$index % count(self::SIZES)];
        $scene = new self($width, $height);
        $scene->ground(self::GROUNDS[$index % count(self::GROUNDS)]);
        $box = $scene->subject(self::SUBJECTS[$index % count(self::SUBJECTS)], self::COLOURS[mt_rand(0, count(self::COLOURS) - 1)]);
        $scene->grain(6);

        return [$scene->raster(), [$box[0] / $width, $box[1] / $height, $box[2] / $width, $box[3] / $height]];
    }

    private function colour(int $red, int $green, int $blue): int
    {
        return max(0, min(255, $red)) << 16 | max(0, min(255, $green)) << 8 | max(0, min(255, $blue));
    }

    private function ground(string $kind): void
    {
        for ($y = 0; $y < $this->height; $y++) {
            for ($x = 0; $x < $this->width; $x++) {
                $down = $y / $this->height;
                $n = mt_rand(-10, 10);
                imagesetpixel($this->sheet, $x, $y, match ($kind) {
                    'sky' => $this->colour(90 + (int) (120 * $down), 150 + (int) (70 * $down), 220),
                    'horizon' => $down < 0.6 ? $this->colour(170, 200, 225) : $this->colour(92 + $n, 120 + $n, 60 + $n),
                    'grass' => $this->colour(80 + 3 * $n, 120 + 3 * $n, 55 + $n),
                    'boards' => $this->colour(...array_fill(0, 3, ($x % 16 === 0 ? 70 : 140) + $n)),
                    'dusk' => $this->colour(40 + (int) (150 * $down), 40 + (int) (60 * $down), 80),
                    'rings' => $this->colour(150 + (int) (18 * sin($x / 5) + 18 * sin($y / 7)), 160, 165 + $n),
                    'sand' => $this->colour(205 + $n, 190 + $n, 155 + $n),
                    default => $this->colour(120 + 2 * $n, 140 + 2 * $n, 150 + 2 * $n),
                });
            }
        }
        if ($kind === 'crowded') {
            // Small dull things all over, none of which is the subject.
            for ($i = 0; $i < 24; $i++) {
                imagefilledellipse($this->sheet, mt_rand(0, $this->width), mt_rand(0, $this->height), 4, 4, $this->colour(95, 110, 118));
            }
        }
    }

    /**
     * @param  array{int, int, int}  $rgb
     * @return array{int, int, int, int}
     */
    private function subject(string $kind, array $rgb): array
    {
        $unit = (int) (min($this->width, $this->height) * mt_rand(26, 46) / 100);
        [$wide, $high] = match ($kind) {
            'figure' => [(int) ($unit * 0.6), (int) ($unit * 1.3)],
            'boat' => [(int) ($unit * 1.5), (int) ($unit * 0.9)],
            'pair' => [(int) ($unit * 1.5), $unit],
            default => [$unit, $unit],
        };
        $high = min($high, $this->height - 4);
        $left = mt_rand(2, $this->width - $wide - 2);
        $top = mt_rand(2, $this->height - $high - 2);
        [$right, $bottom, $x, $y] = [$left + $wide, $top + $high, $left + intdiv($wide, 2), $top + intdiv($high, 2)];
        $main = $this->colour(...$rgb);
        $dark = $this->colour(...array_map(static fn (int $part): int => (int) ($part * 0.55), $rgb));
        match ($kind) {
            'kite' => imagefilledpolygon($this->sheet, [$x, $top, $right, $top + intdiv($high, 3), $x, $bottom, $left, $top + intdiv($high, 3)], $main)
                && imagefilledpolygon($this->sheet, [$x, $top, $right, $top + intdiv($high, 3), $x, $bottom], $dark),
            'disc' => imagefilledellipse($this->sheet, $x, $y, $wide, $high, $main) && imagefilledellipse($this->sheet, $x, $y, intdiv($wide, 2), intdiv($high, 2), $dark),
            'figure' => imagefilledellipse($this->sheet, $x, $top + intdiv($high, 6), intdiv($wide, 2), intdiv($high, 3), $dark)
                && imagefilledrectangle($this->sheet, $left, $top + intdiv($high, 3), $right, $bottom, $main),
            'boat' => imagefilledpolygon($this->sheet, [$left, $bottom - intdiv($high, 3), $right, $bottom - intdiv($high, 3), $x, $bottom], $dark)
                && imagefilledpolygon($this->sheet, [$x, $top, $right, $bottom - intdiv($high, 3), $x, $bottom - intdiv($high, 3)], $main),
            'star' => imagefilledpolygon($this->sheet, [$x, $top, $x + intdiv($wide, 6), $y, $right, $y, $x, $bottom, $left, $y, $x - intdiv($wide, 6), $y], $main),
            default => imagefilledellipse($this->sheet, $left + intdiv($wide, 4), $y, intdiv($wide, 2), $high, $main)
                && imagefilledellipse($this->sheet, $right - intdiv($wide, 4), $y, intdiv($wide, 2), $high, $dark),
        };

        return [$left, $top, $right, $bottom];
    }

    private function grain(int $strength): void
    {
        for ($y = 0; $y < $this->height; $y++) {
            for ($x = 0; $x < $this->width; $x++) {
                $rgb = imagecolorat($this->sheet, $x, $y);
                $n = mt_rand(-$strength, $strength);
                imagesetpixel($this->sheet, $x, $y, $this->colour(($rgb >> 16 & 255) + $n, ($rgb >> 8 & 255) + $n, ($rgb & 255) + $n));
            }
        }
    }

    private function raster(): Raster
    {
        $pixels = [];
        for ($y = 0; $y < $this->height; $y++) {
            for ($x = 0; $x < $this->width; $x++) {
                $pixels[] = imagecolorat($this->sheet, $x, $y);
            }
        }

        return Raster::of($this->width, $this->height, $pixels);
    }
}
