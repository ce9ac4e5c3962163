<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exchange\BroughtGalleries;
use App\Intake\BatchLock;
use App\Models\Batch;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Makes a gallery of the files in a ZIP. Where it was killed it begins anew: pictures that were taken in are here already. */
final class MakeGalleryOfZip implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 0;

    public int $maxExceptions = 1;

    public int $timeout = 3600;

    public function __construct(public readonly string $batchId)
    {
    }

    public function handle(BroughtGalleries $galleries, BatchLock $lock): void
    {
        $batch = Batch::query()->find($this->batchId);
        if ($batch !== null && ! $batch->isOver()) {
            $lock->ifFree($batch, static fn () => $galleries->make($batch->refresh()));
        }
    }

    public function failed(?Throwable $exception): void
    {
        Batch::endAfter($this->batchId, $exception);
    }
}
