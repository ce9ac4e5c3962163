<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Batch;
use Closure;
use Illuminate\Contracts\Filesystem\Factory;

/** Lets one process at a time work on a batch. The system itself lets go of it for a process that was killed. */
final readonly class BatchLock
{
    public function __construct(private Factory $disks)
    {
    }

    /**
     * Does nothing where another is at it.
     *
     * @param  Closure(): void  $work
     */
    public function ifFree(Batch $batch, Closure $work): void
    {
        $this->disks->disk('parts')->makeDirectory('');
        $path = $this->disks->disk('parts')->path("{$batch->id}.lock");
        $lock = fopen($path, 'c');
        if ($lock === false || ! flock($lock, LOCK_EX | LOCK_NB)) {
            return;
        }
        try {
            $work();
            @unlink($path);
        } finally {
            fclose($lock);
        }
    }

    /** Whether nobody works on it. */
    public function isFree(Batch $batch): bool
    {
        $path = $this->disks->disk('parts')->path("{$batch->id}.lock");
        $lock = is_file($path) ? fopen($path, 'c') : false;
        $isFree = $lock === false || flock($lock, LOCK_EX | LOCK_NB);
        if ($lock !== false) {
            fclose($lock);
        }

        return $isFree;
    }
}
