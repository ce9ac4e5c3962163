<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Contracts\Filesystem\Filesystem;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;

/**
 * Makes renditions: upright, sRGB, without metadata.
 *
 * The original is decoded once, at the widest width that is asked for, into an uncompressed
 * file; all renditions are cut from that. Files are written beside and renamed into place.
 */
final readonly class RenditionMaker
{
    /** Taller than any picture: a size then speaks of the width alone. */
    private const ANY_HEIGHT = 100000;

    /**
     * @param  array{webp: int, jpg: int}  $quality  0 to 100
     */
    public function __construct(private Vips $vips, private array $quality)
    {
    }

    /**
     * @param  string  $original  path of the original
     * @param  non-empty-list<Rendition>  $renditions
     * @param  string  $folder  on the disk of renditions
     * @return array<string, int> bytes by file name
     *
     * @throws ImagingException when the original cannot be read to its end
     */
    public function make(string $original, array $renditions, Filesystem $disk, string $folder): array
    {
        $disk->makeDirectory($folder);
        $work = $disk->path($folder).'/.work-'.bin2hex(random_bytes(6));
        mkdir($work);
        try {
            $widest = max(array_map(static fn (Rendition $rendition): int => $rendition->width, $renditions));
            $base = "{$work}/base.tif";
            // Metadata go here already: not every saver of the library leaves them out when told to.
            $this->vips->run('vips', [
                'thumbnail', $original, $base.'[strip]', (string) $widest, '--height', (string) self::ANY_HEIGHT,
                '--size', 'down', '--fail-on', 'truncated', '--export-profile', 'srgb',
            ]);
            $this->vips->runAll(array_map(
                fn (Rendition $rendition): array => ['vipsthumbnail', [
                    $base, '-s', $this->size($rendition->width), '-o', "{$work}/{$rendition->fileName()}{$this->options($rendition->format)}",
                ]],
                $this->longestFirst($renditions),
            ));

            return $this->moved($renditions, $work, $disk->path($folder));
        } finally {
            array_map(unlink(...), glob("{$work}/*") ?: []);
            rmdir($work);
        }
    }

    private function size(int $width): string
    {
        return $width.'x'.self::ANY_HEIGHT.'>';
    }

    private function options(Format $format): string
    {
        return match ($format) {
            Format::WebP => "[Q={$this->quality['webp']},effort=2,strip]",
            Format::Jpeg => "[Q={$this->quality['jpg']},optimize_coding,interlace,strip,background=255]",
        };
    }

    /**
     * The long jobs begin first, so that two at once end together.
     *
     * @param  list<Rendition>  $renditions
     * @return list<Rendition>
     */
    private function longestFirst(array $renditions): array
    {
        usort($renditions, static fn (Rendition $a, Rendition $b): int => $b->width <=> $a->width);

        return $renditions;
    }

    /**
     * @param  list<Rendition>  $renditions
     * @return array<string, int>
     */
    private function moved(array $renditions, string $from, string $to): array
    {
        $bytes = [];
        foreach ($renditions as $rendition) {
            $file = $rendition->fileName();
            $bytes[$file] = (int) filesize("{$from}/{$file}");
            rename("{$from}/{$file}", "{$to}/{$file}");
        }

        return $bytes;
    }
}
