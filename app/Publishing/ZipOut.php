<?php

declare(strict_types=1);

namespace App\Publishing;

use RuntimeException;
use ZipArchive;

/** A ZIP that is written to be taken along. */
final class ZipOut
{
    /**
     * @param  string  $path  of a file that is not there yet
     * @param  callable(ZipArchive): mixed  $fill  names what goes into it; files are read only afterwards, one at a time
     */
    public static function write(string $path, callable $fill): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw new RuntimeException('The ZIP cannot be written.');
        }
        $fill($zip);
        self::inUtc($zip->close(...)) || throw new RuntimeException("The ZIP cannot be written: {$zip->getStatusString()}");
    }

    /**
     * Times in a ZIP are told in the zone of whoever writes it, and the same file would be another elsewhere.
     *
     * @param  callable(): bool  $close
     */
    private static function inUtc(callable $close): bool
    {
        $zone = getenv('TZ');
        putenv('TZ=UTC');
        try {
            return $close();
        } finally {
            putenv($zone === false ? 'TZ' : "TZ={$zone}");
        }
    }
}
