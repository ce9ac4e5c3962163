<?php

declare(strict_types=1);

namespace App\Imaging;

use ZincPane\Core\Wording\FileWords;

/** Writes words into copies of pictures; the file that it is a copy of stays as it is. */
final readonly class WordsWriter
{
    public function __construct(private Tools $tools)
    {
    }

    /**
     * The copy is written beside its place and renamed into it.
     *
     * @param  array<string, string>  $tags  by name, as ExifTool has them
     *
     * @throws ImagingException when the file cannot be written anew
     */
    public function write(string $from, string $copy, array $tags): void
    {
        is_dir(dirname($copy)) || mkdir(dirname($copy), 0775, true);
        WorkFolder::in(dirname($copy), function (string $work) use ($from, $copy, $tags): void {
            $beside = $work.'/'.basename($copy);
            copy($from, $beside);
            $told = array_map(static fn (string $tag, string $text): string => "-{$tag}={$text}", array_keys($tags), $tags);
            $this->tools->run('exiftool', ['-q', '-q', '-m', '-overwrite_original', '-codedcharacterset=utf8', '-charset', 'iptc=UTF8', '-charset', 'exiftool=UTF8', ...$told, $beside]);
            rename($beside, $copy);
        });
    }

    /**
     * Copies into files, which nobody has yet, what the original says of whose it is; one that says nothing changes nothing.
     *
     * @param  list<string>  $files
     *
     * @throws ImagingException when one cannot be written anew
     */
    public function keep(string $original, array $files): void
    {
        $copied = array_map(static fn (array $kept): string => "-{$kept[0]}<{$kept[1]}", FileWords::kept());
        $this->tools->run('exiftool', ['-q', '-q', '-m', '-overwrite_original', '-charset', 'iptc=UTF8', '-api', 'Compact=NoPadding', '-tagsFromFile', $original, ...$copied, ...$files]);
    }
}
