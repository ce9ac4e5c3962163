<?php

declare(strict_types=1);

namespace App\Imaging;

/** Copies videos without what tells where, when and with what they were taken; picture and sound stay as they are, bit by bit. */
final readonly class VideoStripper
{
    /** What must not be left (ExifTool's names). */
    private const TELLING = ['GPS*', 'Location*', 'Make', 'Model', 'CameraSerialNumber', 'SerialNumber', 'Author', 'Artist', 'XMP:all'];

    public function __construct(private Tools $tools)
    {
    }

    /**
     * The copy is written beside its place and renamed into it.
     *
     * @throws ImagingException when it cannot be written anew, or still tells something
     */
    public function strip(string $original, string $copy): void
    {
        is_dir(dirname($copy)) || mkdir(dirname($copy), 0755, true);
        WorkFolder::in(dirname($copy), function (string $work) use ($original, $copy): void {
            $beside = $work.'/'.basename($copy);
            // The kind is told, so that no list of other files is taken for a video.
            $kind = str_ends_with($copy, '.webm') ? 'matroska' : 'mov';
            $this->tools->run('ffmpeg', [
                '-v', 'error', '-nostdin', '-y', '-protocol_whitelist', 'file', '-f', $kind, '-i', $original,
                '-map', '0:v:0', '-map', '0:a?', '-dn', '-map_metadata', '-1', '-map_metadata:s', '-1', '-map_chapters', '-1',
                '-c', 'copy', '-fflags', '+bitexact', '-movflags', '+faststart', $beside,
            ]);
            $left = trim($this->tools->read('exiftool', ['-q', '-q', '-m', '-s', '-ee', ...array_map(static fn (string $tag): string => "-{$tag}", self::TELLING), $beside]));
            if ($left !== '') {
                throw ImagingException::stillTells($left);
            }
            rename($beside, $copy);
        });
    }
}
