<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Imaging\Packer;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Filesystem\FilesystemAdapter;

/**
 * The files that visitors read. Pages and embeds stand in one folder each time, written beside
 * and swapped in by one rename of a link; media lie once for all, under addresses that never
 * change meaning.
 */
final readonly class LiveFiles
{
    public const CURRENT = 'current';

    /** Folder of a build that nobody is given anything of without being asked who it is. */
    public const GUARDED = 'guarded';

    /** The page in place of one that is not there. */
    public const MISSING = 'missing.html';

    public function __construct(private Factory $disks, private Packer $packer)
    {
    }

    /**
     * Writes pages and embeds beside those that are live, and small on the line; nobody sees them yet.
     * What stays as it was is linked: so the web server knows it for the same.
     *
     * @param  array<string, string>  $files  contents by path in the folder
     * @return string the folder
     */
    public function write(array $files): string
    {
        $folder = 'builds/'.now()->format('Ymd-His-').bin2hex(random_bytes(4));
        $disk = $this->live();
        $before = $this->current();
        $fresh = [];
        foreach ($files as $path => $contents) {
            $target = $disk->path("{$folder}/{$path}");
            is_dir(dirname($target)) || mkdir(dirname($target), 0755, true);
            if ($before === null || ! $this->packer->linked($disk->path("{$before}/{$path}"), $target, $contents)) {
                // Not by the disk, which loses the reason why a file cannot be written.
                file_put_contents($target, $contents);
                chmod($target, 0644);
                $fresh[] = $target;
            }
        }
        $this->packer->pack($fresh);

        return $folder;
    }

    /**
     * Where the web server gives them to nobody by itself.
     *
     * @param  array<string, string>  $files  contents by path in a build
     * @return array<string, string>
     */
    public static function guarded(array $files): array
    {
        return array_combine(array_map(static fn (string $path): string => self::GUARDED."/{$path}", array_keys($files)), $files);
    }

    /** The folder that visitors read, null where there is none yet. */
    private function current(): ?string
    {
        $link = $this->live()->path(self::CURRENT);
        $folder = is_link($link) ? readlink($link) : false;

        return $folder === false ? null : $folder;
    }

    /**
     * Makes a folder that was written the one that visitors read, in one rename.
     *
     * @param  string  $folder  as write() told it
     */
    public function show(string $folder): void
    {
        $disk = $this->live();
        $link = $disk->path('.next-'.bin2hex(random_bytes(6)));
        // Relative, so that the whole folder may be moved to another place or machine.
        symlink($folder, $link);
        rename($link, $disk->path(self::CURRENT));
    }

    /** Whether it is the folder that visitors read. */
    public function shows(string $folder): bool
    {
        return $this->current() === $folder;
    }

    /** Whether it was written, and is still there. */
    public function has(string $folder): bool
    {
        return is_dir($this->live()->path($folder));
    }

    /**
     * Makes a file readable for visitors.
     *
     * @param  string  $disk  that it lies on
     * @param  string  $source  its path there
     * @param  string  $key  in the address
     * @param  string  $file  its name in the address
     */
    public function release(string $disk, string $source, string $key, string $file): void
    {
        $target = $this->live()->path("media/{$key}/{$file}");
        $original = $this->disks->disk($disk)->path($source);
        if (is_file($target) && filesize($target) === @filesize($original)) {
            return;
        }
        $this->put($target, static function (string $beside) use ($original): void {
            // A hard link costs no space; where the disks differ, a copy does.
            if (! @link($original, $beside)) {
                copy($original, $beside);
            }
        });
    }

    /** Writes a small file for visitors, where it is not there yet. */
    public function releaseText(string $contents, string $key, string $file): void
    {
        $target = $this->live()->path("media/{$key}/{$file}");
        if (! is_file($target) || file_get_contents($target) !== $contents) {
            $this->put($target, static function (string $beside) use ($contents): void {
                file_put_contents($beside, $contents);
            });
        }
    }

    /**
     * @param  callable(string): void  $write  to a path beside
     */
    private function put(string $target, callable $write): void
    {
        if (! is_dir(dirname($target))) {
            mkdir(dirname($target), 0775, true);
        }
        $beside = $target.'.'.bin2hex(random_bytes(6));
        $write($beside);
        rename($beside, $target);
    }

    /** Takes one file of a picture out of the reach of visitors. */
    public function withdrawFile(string $key, string $file): void
    {
        $this->live()->delete("media/{$key}/{$file}");
    }

    /** Takes the files of one picture out of the reach of visitors. */
    public function withdraw(string $key): void
    {
        $this->live()->deleteDirectory("media/{$key}");
    }

    /** The path of a page or embed as it is live, null when there is none. */
    public function find(string $path): ?string
    {
        // PHP remembers for two minutes where a link led, each worker for itself; reading the link
        // itself asks anew each time, and the folder it names never changes.
        $folder = $this->current();
        $file = $folder === null ? null : $this->live()->path("{$folder}/{$path}");

        return $file !== null && is_file($file) ? $file : null;
    }

    public function findMedia(string $key, string $file): ?string
    {
        $path = $this->live()->path("media/{$key}/{$file}");

        return is_file($path) ? $path : null;
    }

    /** Takes away all builds but the one that is live and the one before, which may still be read. */
    public function sweep(string $live): void
    {
        $disk = $this->live();
        $builds = array_filter($disk->directories('builds'), is_string(...));
        rsort($builds);
        $kept = [$live, ...array_slice(array_values(array_diff($builds, [$live])), 0, 1)];
        foreach (array_diff($builds, $kept) as $old) {
            $disk->deleteDirectory($old);
        }
        foreach (glob($disk->path('.next-*')) ?: [] as $left) {
            unlink($left);
        }
    }

    private function live(): FilesystemAdapter
    {
        /** @var FilesystemAdapter $disk */
        $disk = $this->disks->disk('live');

        return $disk;
    }
}
