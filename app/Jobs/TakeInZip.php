<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\QueueMissingRenditions;
use App\Actions\TakeForBatch;
use App\Intake\BatchLock;
use App\Intake\IntakeException;
use App\Intake\Provenance;
use App\Intake\ZipBatch;
use App\Models\Batch;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Takes in the pictures of a ZIP, one by one. Where it was killed, the next one goes on after what was noted. */
final class TakeInZip implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    /** A killed one counts as a try, and is to be taken up as often as it takes. */
    public int $tries = 0;

    public int $maxExceptions = 1;

    public int $timeout = 3600;

    public function __construct(public readonly string $batchId)
    {
    }

    public function handle(ZipBatch $zip, TakeForBatch $take, Factory $disks, QueueMissingRenditions $missing, BatchLock $lock): void
    {
        $batch = Batch::query()->find($this->batchId);
        if ($batch === null || $batch->isOver()) {
            return;
        }
        $lock->ifFree($batch, function () use ($batch, $zip, $take, $disks, $missing): void {
            $batch->refresh()->update(['state' => 'running']);
            $zip->walk($disks->disk('parts')->path($batch->id), $batch->name, function (string $name, ?string $file, ?IntakeException $refused) use ($batch, $take): void {
                if ($file === null) {
                    $batch->note($name, 'failed', $refused?->getMessage() ?? '');
                } else {
                    $take->handle($batch, $file, $name, new Provenance('zip'));
                }
            }, count($batch->outcomes));
            // What the layout needs of all of them, in one go.
            $missing->forGallery($batch->gallery_id);
            $batch->update(['state' => 'done']);
            $disks->disk('parts')->delete($batch->id);
        });
    }

    public function failed(?Throwable $exception): void
    {
        Batch::endAfter($this->batchId, $exception);
    }
}
