<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Faults\Cause;
use ZincPane\Core\Wording\FileFacts;

/** Reads what a picture or video file says of itself (EXIF, IPTC-IIM, XMP), by ExifTool. */
final readonly class FactsReader
{
    public function __construct(private Tools $tools)
    {
    }

    /**
     * A file that cannot be read says nothing; whether it is a picture at all is told elsewhere.
     *
     * @throws ImagingException when it says more than any file of a camera, or the tool cannot be started
     */
    public function read(string $path): FileFacts
    {
        $tags = array_map(static fn (string $tag): string => "-{$tag}", FileFacts::TAGS);
        try {
            $json = $this->tools->read('exiftool', ['-json', '-G1', '-n', '-fast', '-q', '-q', '-charset', 'exif=Latin', ...$tags, $path]);
        } catch (ImagingException $exception) {
            if ($exception->isTooMuch() || Cause::of($exception) !== null) {
                throw $exception;
            }

            return FileFacts::of([]);
        }
        $read = json_decode($json, true);

        return FileFacts::of(is_array($read) && is_array($read[0] ?? null) ? $read[0] : []);
    }
}
