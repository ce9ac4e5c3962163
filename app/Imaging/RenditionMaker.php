<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Contracts\Filesystem\Filesystem;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;

/** Makes renditions, all from one decoded base. Files are written beside and renamed into place. */
final readonly class RenditionMaker
{
    /**
     * @param  array{webp: int, jpg: int}  $quality  0 to 100
     */
    public function __construct(private Tools $tools, private BaseMaker $base, private WordsWriter $words, private array $quality)
    {
    }

    /**
     * @param  non-empty-list<Rendition>  $renditions
     * @param  string  $folder  on the disk of renditions
     * @return array<string, int> bytes by file name
     *
     * @throws ImagingException when the original cannot be read to its end
     */
    public function make(Source $source, array $renditions, Filesystem $disk, string $folder): array
    {
        $disk->makeDirectory($folder);
        $target = $disk->path($folder);

        return WorkFolder::in($target, function (string $work) use ($source, $renditions, $target): array {
            $widest = max(array_map(static fn (Rendition $rendition): int => $rendition->width, $renditions));
            $base = $this->base->make($source, $widest, $work);
            [$moving, $still] = $this->parted($source, $this->longestFirst($renditions));
            $this->tools->light()->runAll(array_map(fn (Rendition $rendition): array => $this->command($base, $rendition, "{$work}/{$rendition->fileName()}"), $still));
            $original = $moving === [] ? $source->path : AnimatedPng::asMoving($source->path, $work);
            $this->tools->runAll(array_map(fn (Rendition $rendition): array => $this->moving($original, $rendition, "{$work}/{$rendition->fileName()}"), $moving));
            $this->word($source, array_map(static fn (Rendition $rendition): string => "{$work}/{$rendition->fileName()}", $renditions));

            return $this->moved($renditions, $work, $target);
        });
    }

    /**
     * Files that were just made get the words they keep.
     *
     * @param  non-empty-list<string>  $files
     *
     * @throws ImagingException when one cannot be written anew
     */
    public function word(Source $source, array $files): void
    {
        if ($source->recipe->words) {
            $this->words->keep($source->path, $files);
        }
    }

    /**
     * How one rendition is cut from a base.
     *
     * @return array{string, list<string>} tool and arguments
     */
    public function command(string $base, Rendition $rendition, string $path): array
    {
        return ['vipsthumbnail', [$base, '-s', $rendition->width.'x'.BaseMaker::ANY_HEIGHT.'>', '-o', $path.$this->options($rendition->format)]];
    }

    /**
     * How one that moves is made: all pictures of the original, each made smaller.
     *
     * @return array{string, list<string>} tool and arguments
     */
    public function moving(string $original, Rendition $rendition, string $path): array
    {
        return ['vips', ['thumbnail', "{$original}[n=-1]", $path.$this->options($rendition->format), (string) $rendition->width, '--height', (string) BaseMaker::ANY_HEIGHT, '--size', 'down']];
    }

    /**
     * Formats that can move, and those that show the first picture.
     *
     * @param  list<Rendition>  $renditions
     * @return array{list<Rendition>, list<Rendition>}
     */
    private function parted(Source $source, array $renditions): array
    {
        $moves = static fn (Rendition $rendition): bool => $source->moves() && $rendition->format === Format::WebP;

        return [array_values(array_filter($renditions, $moves)), array_values(array_filter($renditions, static fn (Rendition $rendition): bool => ! $moves($rendition)))];
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
