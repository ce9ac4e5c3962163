<?php

declare(strict_types=1);

namespace Bench;

use Symfony\Component\Process\Process;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Delivery\WeightModel;
use ZincPane\Core\Geometry\Size;

/** How far the predicted weight of a rendition is from the file's, told from those that every picture has. */
final class WeightBench
{
    private const WIDTHS = [160, 196, 294, 360, 441, 661, 810, 992, 1488];

    /**
     * @return array<string, int|float>
     */
    public static function run(string $folder): array
    {
        $off = [];
        foreach (glob(database_path('demo/pictures/*.jpg')) ?: [] as $i => $file) {
            [$width, $height] = getimagesize($file) ?: [1, 1];
            if ($i % 3 !== 0) {
                continue;
            }
            $size = Size::of($width, $height);
            $known = [];
            foreach (RenditionPlan::ALWAYS as $always) {
                if ($always <= $width) {
                    $known[$always] = self::bytes($file, $always, $folder);
                }
            }
            foreach (self::WIDTHS as $wanted) {
                if ($wanted < $width) {
                    $off[] = abs(WeightModel::bytes($known, $size, $wanted) / self::bytes($file, $wanted, $folder) - 1);
                }
            }
        }
        sort($off);

        return ['files' => count($off), 'median_error' => round($off[intdiv(count($off), 2)], 3), 'p90_error' => round($off[(int) (0.9 * count($off))], 3)];
    }

    private static function bytes(string $file, int $width, string $folder): int
    {
        $path = "{$folder}/weight.webp";
        (new Process(['vipsthumbnail', $file, '-s', "{$width}x100000", '-o', $path.'[Q='.config()->integer('zinc.quality.webp').',effort=2,strip]']))->mustRun();
        clearstatcache();

        return (int) filesize($path);
    }
}
