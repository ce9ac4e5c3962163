<?php

declare(strict_types=1);

namespace App\Intake;

use Illuminate\Config\Repository;
use ZipArchive;

/**
 * A ZIP that came from outside, file by file.
 *
 * What is written about an entry in the ZIP is not believed: bytes are counted as they come, and
 * names are only ever shown.
 */
final class ZipEntries
{
    /** Bits of the Unix mode, in the upper half of the outer attributes, that make an entry a link. */
    private const LINK = 0xA000;

    private const KIND = 0xF000;

    private const CHUNK = 1 << 16;

    /**
     * @param  int  $left  bytes that may still be unpacked
     */
    private function __construct(private readonly ZipArchive $zip, private readonly Repository $config, private int $left)
    {
    }

    /**
     * @throws IntakeException when it is no ZIP that can be opened, or has too many entries
     */
    public static function open(string $path, string $name, Repository $config): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw IntakeException::noZip($name);
        }
        $most = $config->integer('zinc.limits.zip_entries');
        if ($zip->numFiles > $most) {
            throw IntakeException::tooManyEntries($name, $zip->numFiles, $most);
        }

        return new self($zip, $config, $config->integer('zinc.limits.zip_unpacked_bytes'));
    }

    public function close(): void
    {
        $this->zip->close();
    }

    /**
     * @return array<int, string> names of files, by index
     */
    public function names(): array
    {
        $names = [];
        for ($i = 0; $i < $this->zip->numFiles; $i++) {
            $name = (string) $this->zip->getNameIndex($i);
            if (! self::isFolder($name)) {
                $names[$i] = $name;
            }
        }

        return $names;
    }

    /**
     * @param  ?int  $most  bytes of this one; null for as many as a picture may have
     *
     * @throws IntakeException when it leads out, is a link, locked, damaged, or larger than may be
     */
    public function unpack(int $index, string $target, ?int $most = null): void
    {
        $entry = (string) $this->zip->getNameIndex($index);
        $this->refuseUnsafe($index, $entry);
        $this->left -= $this->write($index, $entry, $target, min($this->left, $most ?? $this->config->integer('zinc.limits.bytes')));
    }

    /**
     * @throws IntakeException
     */
    private function refuseUnsafe(int $index, string $entry): void
    {
        $plain = str_replace('\\', '/', $entry);
        if (str_starts_with($plain, '/') || preg_match('~^[a-z]:~i', $plain) === 1 || in_array('..', explode('/', $plain), true)) {
            throw IntakeException::leadsOut($entry);
        }
        $system = $attributes = 0;
        $this->zip->getExternalAttributesIndex($index, $system, $attributes);
        if ($system === ZipArchive::OPSYS_UNIX && is_int($attributes) && ($attributes >> 16 & self::KIND) === self::LINK) {
            throw IntakeException::isLink($entry);
        }
        $about = $this->zip->statIndex($index);
        if ($about !== false && $about['encryption_method'] !== 0) {
            throw IntakeException::isLocked($entry);
        }
    }

    /**
     * @return int bytes written
     *
     * @throws IntakeException when there are more than may be
     */
    private function write(int $index, string $entry, string $target, int $most): int
    {
        $about = $this->zip->statIndex($index);
        $packed = $about === false ? 0 : $about['comp_size'];
        $stream = @$this->zip->getStreamIndex($index);
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

    private static function isFolder(string $entry): bool
    {
        return str_ends_with($entry, '/') || str_starts_with($entry, '__MACOSX/') || basename($entry) === '.DS_Store';
    }
}
