<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A file that is made for one answer: sent piece by piece, and gone. */
final class FileOnce
{
    private const CHUNK = 1 << 18;

    /**
     * @param  string  $name  that it is saved under, of plain letters
     * @param  callable(string): void  $write  to a path where nothing is yet
     */
    public static function of(string $name, string $type, callable $write): StreamedResponse
    {
        $path = sys_get_temp_dir().'/once-'.bin2hex(random_bytes(8));
        try {
            $write($path);
            $file = fopen($path, 'rb');
            $bytes = filesize($path);
        } finally {
            // What is open can be read to its end; nobody finds it any more.
            is_file($path) && unlink($path);
        }

        return new StreamedResponse(static function () use ($file): void {
            while ($file !== false && ! feof($file)) {
                echo fread($file, self::CHUNK);
                flush();
            }
        }, 200, [
            'Content-Type' => $type, 'Content-Length' => (string) $bytes, 'Cache-Control' => 'private, no-store',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
        ]);
    }
}
