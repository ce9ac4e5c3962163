<?php

declare(strict_types=1);

namespace Bench;

use LogicException;
use Symfony\Component\Process\Process;

/** JPEGs as large as a camera's: a part of a demo picture enlarged, with its detail and grain. */
final class CameraFile
{
    /**
     * @param  int  $number  each number gives another picture
     */
    public static function make(string $path, int $width, int $height, int $number = 0): void
    {
        $pictures = glob(database_path('demo/pictures/*.jpg')) ?: [];
        $picture = $number === 0 ? database_path('demo/pictures/crowd-on-the-dyke.jpg') : $pictures[$number % count($pictures)];
        $part = "{$path}.v";
        [$wide, $high] = getimagesize($picture) ?: throw new LogicException("{$picture} is no picture.");
        $inset = intdiv($number, count($pictures)) * 40;
        (new Process(['vips', 'crop', $picture, $part, (string) $inset, (string) $inset, (string) ($wide - 2 * $inset), (string) ($high - 2 * $inset)]))->mustRun();
        (new Process(['vips', 'thumbnail', $part, "{$path}[Q=92]", (string) $width, '--height', (string) $height, '--size', 'force']))->mustRun();
        unlink($part);
    }
}
