<?php

declare(strict_types=1);

namespace Bench;

use Symfony\Component\Process\Process;

/**
 * AVIF beside WebP at equal quality: of some demo pictures at 810 px, the AVIF of the lowest setting
 * that is at least as near to the original (peak signal to noise ratio) as our WebP; bytes and time.
 */
final class FormatsBench
{
    /**
     * @return array<string, int|float>
     */
    public static function run(string $folder): array
    {
        $files = array_slice(glob(database_path('demo/pictures/*.jpg')) ?: [], 0, 36);
        $webpBytes = $avifBytes = $webpMs = $avifMs = 0.0;
        $pictures = 0;
        foreach ($files as $i => $file) {
            if ($i % 6 !== 0) {
                continue;
            }
            $pictures++;
            $base = "{$folder}/format.tif";
            self::vips('thumbnail', $file, $base, '810');
            $quality = config()->integer('zinc.quality.webp');
            [$bytes, $ms, $wanted] = self::encoded($base, "{$folder}/format.webp", "[Q={$quality},effort=2,strip]", $folder);
            $webpBytes += $bytes;
            $webpMs += $ms;
            foreach ([35, 40, 45, 50, 55, 60, 65, 70, 75] as $avif) {
                [$bytes, $ms, $near] = self::encoded($base, "{$folder}/format.avif", "[Q={$avif},effort=4,strip]", $folder);
                if ($near >= $wanted || $avif === 75) {
                    $avifBytes += $bytes;
                    $avifMs += $ms;
                    break;
                }
            }
        }

        return [
            'pictures' => $pictures, 'webp_bytes' => (int) $webpBytes, 'avif_bytes' => (int) $avifBytes, 'bytes_ratio' => round($avifBytes / $webpBytes, 3),
            'webp_ms' => round($webpMs), 'avif_ms' => round($avifMs), 'time_ratio' => round($avifMs / $webpMs, 1),
        ];
    }

    /**
     * @return array{int, float, float} bytes, ms, and the peak signal to noise ratio in dB
     */
    private static function encoded(string $base, string $path, string $options, string $folder): array
    {
        $start = hrtime(true);
        self::vips('copy', $base, $path.$options);
        $ms = (hrtime(true) - $start) / 1e6;
        self::vips('subtract', $base, $path, "{$folder}/off.tif");
        self::vips('multiply', "{$folder}/off.tif", "{$folder}/off.tif", "{$folder}/squares.tif");
        $error = (float) self::vips('avg', "{$folder}/squares.tif");
        clearstatcache();

        return [(int) filesize($path), $ms, 10 * log10(255 ** 2 / max(1e-6, $error))];
    }

    private static function vips(string ...$arguments): string
    {
        return (new Process(['vips', ...$arguments]))->mustRun()->getOutput();
    }
}
