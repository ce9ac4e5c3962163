<?php

declare(strict_types=1);

namespace Bench;

use Symfony\Component\Process\Process;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;

/** The yardstick: a plain loop of vipsthumbnail, with the widths, formats, quality and effort of ours. */
final class PlainThumbnails
{
    /**
     * @param  iterable<Rendition>  $renditions
     */
    public static function make(string $original, iterable $renditions, string $folder): void
    {
        foreach ($renditions as $rendition) {
            $options = match ($rendition->format) {
                Format::WebP => '[Q='.config()->integer('zinc.quality.webp').',effort=2,strip]',
                Format::Jpeg => '[Q='.config()->integer('zinc.quality.jpg').',optimize_coding,interlace,strip]',
            };
            (new Process(['vipsthumbnail', $original, '-s', $rendition->width.'x100000>', '--eprofile=srgb', '-o', "{$folder}/{$rendition->fileName()}{$options}"]))->mustRun();
        }
    }
}
