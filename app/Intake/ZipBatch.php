<?php

declare(strict_types=1);

namespace App\Intake;

use Illuminate\Config\Repository;
use ZipArchive;

/**
 * The files in a ZIP, one after the other, each read as a stream into a file of its own.
 *
 * What is written about an entry in the ZIP is not believed: bytes are counted as they come, and
 * names are only ever shown.
 */
final readonly class ZipBatch
{
    /** Bits of the Unix mode, in the upper half of the outer attributes, that make an entry a link. */
    private const LINK = 0xA000;

    private const KIND = 0xF000;

    private const CHUNK = 1 << 16;

    public function __construct(private Repository $config)
    {
    }

    /**
     * @throws IntakeException when it is no ZIP that can be opened, or has too many entries
     */
    public function count(string $path, string $name): int
    {
        $zip = $this->opened($path, $name);
        $count = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $count += self::isFolder((string) $zip->getNameIndex($i)) ? 0 : 1;
        }
        $zip->close();

        return $count;
    }

    /**
     * @param  callable(string $name, ?string $path, ?IntakeException $refused): void  $each  called for every file, with the path of its contents or why it was refused
     * @param  int  $done  how many were called for before; those are gone over
     *
     * @throws IntakeException when it is no ZIP that can be opened, or has too many entries
     */
    public function walk(string $path, string $name, callable $each, int $done = 0): void
    {
        $zip = $this->opened($path, $name);
        $left = $this->config->integer('zinc.limits.zip_unpacked_bytes');
        // Beside the ZIP, where there was room for it.
        $target = $path.'.'.bin2hex(random_bytes(8));
        try {
            foreach (array_slice(self::inTurn($zip), $done, null, true) as $i => $entry) {
                try {
                    $this->refuseUnsafe($zip, $i, $entry);
                    $left -= $this->unpack($zip, $i, $entry, $target, $left);
                    $each($entry, $target, null);
                } catch (IntakeException $exception) {
                    $each($entry, null, $exception);
                }
            }
        } finally {
            $zip->close();
            is_file($target) && unlink($target);
        }
    }

    /**
     * @throws IntakeException
     */
    private function opened(string $path, string $name): ZipArchive
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw IntakeException::noZip($name);
        }
        $most = $this->config->integer('zinc.limits.zip_entries');
        if ($zip->numFiles > $most) {
            throw IntakeException::tooManyEntries($name, $zip->numFiles, $most);
        }

        return $zip;
    }

    /**
     * @throws IntakeException
     */
    private function refuseUnsafe(ZipArchive $zip, int $index, string $entry): void
    {
        $plain = str_replace('\\', '/', $entry);
        if (str_starts_with($plain, '/') || preg_match('~^[a-z]:~i', $plain) === 1 || in_array('..', explode('/', $plain), true)) {
            throw IntakeException::leadsOut($entry);
        }
        $system = $attributes = 0;
        $zip->getExternalAttributesIndex($index, $system, $attributes);
        if ($system === ZipArchive::OPSYS_UNIX && ($attributes >> 16 & self::KIND) === self::LINK) {
            throw IntakeException::isLink($entry);
        }
        $about = $zip->statIndex($index);
        if ($about !== false && $about['encryption_method'] !== 0) {
            throw IntakeException::isLocked($entry);
        }
    }

    /**
     * @return int bytes written
     *
     * @throws IntakeException when there are more than may be
     */
    private function unpack(ZipArchive $zip, int $index, string $entry, string $target, int $left): int
    {
        $about = $zip->statIndex($index);
        $packed = $about === false ? 0 : $about['comp_size'];
        $most = min($left, $this->config->integer('zinc.limits.bytes'));
        $stream = @$zip->getStreamIndex($index);
        $file = fopen($target, 'wb');
        if ($stream === false || $file === false) {
            throw IntakeException::damaged($entry);
        }
        $bytes = 0;
        $sum = hash_init('crc32b');
        while (! feof($stream)) {
            // What is packed badly is told by a warning.
            $chunk = @fread($stream, self::CHUNK);
            if ($chunk === false) {
                throw IntakeException::damaged($entry);
            }
            $bytes += strlen($chunk);
            // Pictures hardly shrink in a ZIP; what grows a hundredfold is made to fill a disk.
            if ($bytes > self::CHUNK && $bytes > $packed * $this->config->integer('zinc.limits.zip_growth')) {
                throw IntakeException::bomb($entry);
            }
            if ($bytes > $most) {
                throw IntakeException::tooLarge($entry, $most);
            }
            hash_update($sum, $chunk);
            fwrite($file, $chunk);
        }
        fclose($stream);
        fclose($file);
        // Every file of a ZIP lies under this path for a while; PHP would go on telling the size of the one before.
        clearstatcache(true, $target);
        if ($about !== false && hash_final($sum) !== sprintf('%08x', $about['crc'])) {
            throw IntakeException::wrongChecksum($entry);
        }

        return $bytes;
    }

    /**
     * The words of videos come after the videos they go with.
     *
     * @return array<int, string> names of files, by index
     */
    private static function inTurn(ZipArchive $zip): array
    {
        $files = $words = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entry = (string) $zip->getNameIndex($i);
            if (FileType::WebVtt->fits($entry)) {
                $words[$i] = $entry;
            } elseif (! self::isFolder($entry)) {
                $files[$i] = $entry;
            }
        }

        return $files + $words;
    }

    private static function isFolder(string $entry): bool
    {
        return str_ends_with($entry, '/') || str_starts_with($entry, '__MACOSX/') || basename($entry) === '.DS_Store';
    }
}
