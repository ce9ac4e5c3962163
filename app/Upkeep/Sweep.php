<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Access\SecurityLog;
use App\Intake\Parts;
use App\Models\Batch;
use App\Models\SignIn;
use App\Models\Upload;
use FilesystemIterator;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Filesystem\Filesystem;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Throws away what work left behind that was killed: folders to work in, files beside their places, parts of nothing. */
final readonly class Sweep
{
    /** Seconds after which nothing is still being worked on. */
    private const OLD = 3600;

    /** Folders to work in, files written beside their place, links to builds. */
    private const LEFT = '~^(\.work-[0-9a-f]{12}|.+\.[0-9a-f]{12}|\.next-[0-9a-f]{12})$~';

    public function __construct(private Factory $disks, private Filesystem $files, private Parts $parts, private SweepPages $pages)
    {
    }

    /**
     * @param  bool  $nothingRuns  so that what is young is left over too
     * @return int how many were thrown away
     */
    public function handle(bool $nothingRuns): int
    {
        $before = time() - ($nothingRuns ? 0 : self::OLD);
        $this->parts->sweep();
        SecurityLog::sweep();
        SignIn::sweep();
        $gone = $this->pages->handle() + $this->sweepParts($before, $nothingRuns);
        foreach (['originals', 'renditions', 'live'] as $disk) {
            $gone += $this->sweepDisk($this->disks->disk($disk)->path(''), $before);
        }

        return $gone;
    }

    private function sweepDisk(string $root, int $before): int
    {
        if (! is_dir($root)) {
            return 0;
        }
        $left = [];
        $walk = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS), RecursiveIteratorIterator::SELF_FIRST, RecursiveIteratorIterator::CATCH_GET_CHILD);
        foreach ($walk as $found) {
            if ($found instanceof SplFileInfo && preg_match(self::LEFT, $found->getFilename()) === 1 && self::changedAt($found) <= $before) {
                $left[] = $found->getPathname();
            }
        }
        foreach ($left as $path) {
            is_dir($path) && ! is_link($path) ? $this->files->deleteDirectory($path) : @unlink($path);
        }

        return count($left);
    }

    /** Files of uploads and batches that are over, or that nobody knows. */
    private function sweepParts(int $before, bool $nothingRuns): int
    {
        // The lock of one that may still be at work stays: without it, another would begin the same.
        $kept = $nothingRuns ? [''] : ['', 'lock'];
        $root = $this->disks->disk('parts')->path('');
        $gone = 0;
        foreach (is_dir($root) ? new FilesystemIterator($root) : [] as $found) {
            if (! $found instanceof SplFileInfo || self::changedAt($found) > $before) {
                continue;
            }
            [$id, $rest] = array_pad(explode('.', $found->getFilename(), 2), 2, '');
            if (! in_array($rest, $kept, true) || ! $this->isWanted($id)) {
                @unlink($found->getPathname());
                $gone++;
            }
        }

        return $gone;
    }

    private function isWanted(string $id): bool
    {
        return Upload::query()->whereKey($id)->whereNull('outcome')->exists() || Batch::open()->whereKey($id)->exists() || Batch::looked()->whereKey($id)->exists();
    }

    /** Of a link itself, not of what it leads to. */
    private static function changedAt(SplFileInfo $file): int
    {
        $about = @lstat($file->getPathname());

        return $about === false ? time() : $about['mtime'];
    }
}
