<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\AddPictures;
use App\Actions\QueueMissingRenditions;
use App\Intake\IntakeException;
use App\Intake\Sources\SourceException;
use App\Intake\Sources\Sources;
use App\Intake\TakeIn;
use App\Models\Batch;
use App\Models\Gallery;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Takes pictures of a source in, one by one, and notes what was there for the next time. */
final class TakeFilesOfSource implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 1;

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
    public function handle(Sources $sources, TakeIn $intake, AddPictures $add, QueueMissingRenditions $missing): void
    {
        $batch = Batch::query()->find($this->batchId);
        if ($batch === null) {
            return;
        }
        $source = $sources->named($this->source);
        $batch->update(['state' => 'running']);
        foreach ($this->files as $id) {
            try {
                $file = $source->get($id);
                $taken = $intake->handle($file->path, basename($file->path), $file->provenance);
                $gallery = $batch->gallery_id === null ? null : Gallery::query()->find($batch->gallery_id);
                if ($gallery !== null && $taken->goesIn) {
                    $add->handle($gallery, [$taken->picture], $batch->user_id, $batch->id, [], false);
                }
                $batch->note($file->title, 'ready', $taken->notice ?? '', $taken->picture->id);
            } catch (IntakeException|SourceException $exception) {
                $batch->note($id, 'failed', $exception->getMessage());
            }
        }
        $missing->forGallery($batch->gallery_id);
        $source->remember();
        $batch->update(['state' => 'done']);
    }

    public function failed(?Throwable $exception): void
    {
        Batch::query()->whereKey($this->batchId)->update(['state' => 'failed']);
    }
}
