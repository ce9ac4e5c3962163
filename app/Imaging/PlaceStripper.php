<?php

declare(strict_types=1);

namespace App\Imaging;

/** Copies pictures without what tells where they were taken; every pixel and every other fact stays. */
final readonly class PlaceStripper
{
    /** Tags of places, by coordinates and by name (ExifTool's names). */
    private const TAGS = [
        'GPS:all', 'XMP-exif:GPS*', 'XMP-iptcCore:Location', 'XMP-iptcCore:CountryCode', 'XMP-iptcExt:LocationShown*', 'XMP-iptcExt:LocationCreated*',
        'XMP-photoshop:City', 'XMP-photoshop:State', 'XMP-photoshop:Country', 'IPTC:Sub-location', 'IPTC:City', 'IPTC:Province-State',
        'IPTC:Country-PrimaryLocationName', 'IPTC:Country-PrimaryLocationCode', 'IPTC:ContentLocationName', 'IPTC:ContentLocationCode', 'XMP-dc:Coverage', 'MakerNotes:GPS*',
    ];

    public function __construct(private Tools $tools)
    {
    }

    /**
     * The copy is written beside its place and renamed into it.
     *
     * @throws ImagingException when the file cannot be written anew
     */
    public function strip(string $original, string $copy): void
    {
        is_dir(dirname($copy)) || mkdir(dirname($copy), 0775, true);
        WorkFolder::in(dirname($copy), function (string $work) use ($original, $copy): void {
            $beside = $work.'/'.basename($copy);
            copy($original, $beside);
            $this->tools->run('exiftool', ['-q', '-q', '-m', '-overwrite_original', ...array_map(static fn (string $tag): string => "-{$tag}=", self::TAGS), $beside]);
            rename($beside, $copy);
        });
    }
}
