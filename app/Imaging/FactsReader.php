<?php

declare(strict_types=1);

namespace App\Imaging;

use ZincPane\Core\Wording\FileFacts;

/** Reads what a picture or video file says of itself (EXIF, IPTC-IIM, XMP), by ExifTool. */
final readonly class FactsReader
{
    public function __construct(private Tools $tools)
    {
    }

    /** A file that cannot be read says nothing; whether it is a picture at all is told elsewhere. */
    public function read(string $path): FileFacts
    {
        $tags = array_map(static fn (string $tag): string => "-{$tag}", FileFacts::TAGS);
        try {
            $json = $this->tools->run('exiftool', ['-json', '-G1', '-n', '-fast', '-q', '-q', ...$tags, $path]);
        } catch (ImagingException) {
            return FileFacts::of([]);
        }
        $read = json_decode($json, true);

        return FileFacts::of(is_array($read) && is_array($read[0] ?? null) ? $read[0] : []);
    }
}
