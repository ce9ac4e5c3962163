<?php

declare(strict_types=1);

namespace App\Faults;

use Throwable;

/**
 * What is wrong with the machine rather than with what was asked of it: told as what it is, and nobody's
 * file is blamed for it. The codes stay.
 */
enum Cause: string
{
    case DiskFull = 'disk-full';
    case NotWritable = 'not-writable';
    case ToolMissing = 'tool-missing';
    case DatabaseBusy = 'database-busy';
    case DatabaseDamaged = 'database-damaged';

    /** Bytes below which a disk is called full where the tool that failed does not say why. */
    private const FULL = 4 * 1024 * 1024;

    /** What PHP, SQLite, libvips, ExifTool and the system say, in English, which is what they are started in. */
    private const WORDS = [
        'prlimit: failed to execute' => self::ToolMissing,
        'prlimit: not found' => self::ToolMissing,
        'No space left on device' => self::DiskFull,
        'database or disk is full' => self::DiskFull,
        'possibly out of free disk space' => self::DiskFull,
        'Disk quota exceeded' => self::DiskFull,
        'Permission denied' => self::NotWritable,
        'Read-only file system' => self::NotWritable,
        'attempt to write a readonly database' => self::NotWritable,
        'unable to open database file' => self::NotWritable,
        'Operation not permitted' => self::NotWritable,
        'database is locked' => self::DatabaseBusy,
        'database disk image is malformed' => self::DatabaseDamaged,
        'file is not a database' => self::DatabaseDamaged,
    ];

    /**
     * Null where nothing is wrong with the machine.
     *
     * @param  ?string  $folder  that was being written to
     */
    public static function of(Throwable $fault, ?string $folder = null): ?self
    {
        if ($fault instanceof MachineException) {
            return $fault->cause;
        }
        for ($each = $fault; $each !== null; $each = $each->getPrevious()) {
            foreach (self::WORDS as $word => $cause) {
                if (str_contains($each->getMessage(), $word)) {
                    return $cause;
                }
            }
            // Flysystem loses the reason on its way.
            if (preg_match('~^Unable to (?:create a directory at|write file at location:?) (/\S+)~', $each->getMessage(), $found) === 1) {
                return self::isFull($found[1]) ? self::DiskFull : self::NotWritable;
            }
        }

        return $folder !== null && self::isFull($folder) ? self::DiskFull : null;
    }

    private static function isFull(string $path): bool
    {
        while (! is_dir($path) && strlen($path) > 1) {
            $path = dirname($path);
        }
        $free = @disk_free_space($path);

        return $free !== false && $free < self::FULL;
    }

    /** HTTP (RFC 9110; 507: RFC 4918). */
    public function status(): int
    {
        return $this === self::DiskFull ? 507 : 503;
    }

    /** Seconds after which another try may do. */
    public function wait(): int
    {
        return $this === self::DatabaseBusy ? 2 : 60;
    }

    public function title(): string
    {
        return match ($this) {
            self::DiskFull => 'The disk is full',
            self::NotWritable => 'A folder cannot be written',
            self::ToolMissing => 'A tool is missing on the server',
            self::DatabaseBusy => 'The database is busy',
            self::DatabaseDamaged => 'The database is damaged',
        };
    }

    /** What happened, and what to do. */
    public function says(): string
    {
        return match ($this) {
            self::DiskFull => 'The disk of the server is full. Nothing is wrong with your file, and what was saved is safe. Make room (the bin is a good place to begin), then try again.',
            self::NotWritable => 'The server may not write into its own folder. Nothing is wrong with your file. Whoever looks after the server gives it back the right to (docs/hosting.md, “When something is wrong”).',
            self::ToolMissing => 'A program that reads pictures is not installed on the server, or cannot be started. Nothing is wrong with your file. Whoever looks after the server installs it (docs/hosting.md).',
            self::DatabaseBusy => 'Much is being written down just now. Nothing was lost; try again in a moment.',
            self::DatabaseDamaged => 'The database of the studio cannot be read. Whoever looks after the server puts the last backup back (docs/hosting.md, “Backups”).',
        };
    }

    /** In the list of a person's files. */
    public function short(): string
    {
        return match ($this) {
            self::DiskFull => 'The disk of the server is full; it goes on by itself once there is room.',
            self::ToolMissing => 'A program is missing on the server; it goes on by itself once it is there.',
            default => 'The server cannot write just now; it goes on by itself.',
        };
    }
}
