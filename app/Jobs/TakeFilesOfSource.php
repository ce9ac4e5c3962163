<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\QueueMissingRenditions;
use App\Actions\TakeForBatch;
use App\Intake\BatchLock;
use App\Intake\Sources\SourceException;
use App\Intake\Sources\Sources;
use App\Models\Batch;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Takes pictures of a source in, one by one, and notes what was there for the next time. Where it was killed, the next one goes on. */
final class TakeFilesOfSource implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 0;

    public int $maxExceptions = 1;

    public int $timeout = 3600;

    /**
     * @param  list<string>  $files
     */
    public function __construct(public readonly string $batchId, public readonly string $source, public readonly array $files)
    {
    }

    /**
     * @throws SourceException when there is no such source
     */
    public function handle(Sources $sources, TakeForBatch $take, QueueMissingRenditions $missing, BatchLock $lock): void
    {
        $batch = Batch::query()->find($this->batchId);
        if ($batch === null || $batch->isOver()) {
            return;
        }
        $source = $sources->named($this->source);
        $lock->ifFree($batch, function () use ($batch, $source, $take, $missing): void {
            $batch->refresh()->update(['state' => 'running']);
            foreach (array_slice($this->files, count($batch->outcomes)) as $id) {
                try {
                    $file = $source->get($id);
                    $take->handle($batch, $file->path, basename($file->path), $file->provenance, $file->title);
                } catch (SourceException $exception) {
                    $batch->note($id, 'failed', $exception->getMessage());
                }
            }
            $missing->forGallery($batch->gallery_id);
            $source->remember();
            $batch->update(['state' => 'done']);
        });
    }

    public function failed(?Throwable $exception): void
    {
        Batch::endAfter($this->batchId, $exception);
    }
}
