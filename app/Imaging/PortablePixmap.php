<?php

declare(strict_types=1);

namespace App\Imaging;

use ZincPane\Core\Colour\Raster;

/** Reads the small pixmaps that libvips wrote for us. (https://netpbm.sourceforge.net/doc/ppm.html) */
final class PortablePixmap
{
    /**
     * @throws ImagingException when it is none in 8 bits
     */
    public static function read(string $path): Raster
    {
        $contents = (string) file_get_contents($path);
        if (preg_match('/^P([56])\s(?:#[^\n]*\n|\s)*(\d+)\s+(\d+)\s+255\s/', $contents, $header) !== 1) {
            throw ImagingException::refused('vipsthumbnail', 'the raster is no pixmap in 8 bits');
        }
        /** @var list<int> $bytes */
        $bytes = array_values(unpack('C*', substr($contents, strlen($header[0]))) ?: []);
        $pixels = $header[1] === '5'
            ? array_map(static fn (int $grey): int => $grey * 0x010101, $bytes)
            : array_map(static fn (array $rgb): int => $rgb[0] << 16 | $rgb[1] << 8 | $rgb[2], array_chunk($bytes, 3));

        return Raster::of((int) $header[2], (int) $header[3], $pixels);
    }
}
