<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\AddPictures;
use App\Actions\QueueMissingRenditions;
use App\Intake\IntakeException;
use App\Intake\Provenance;
use App\Intake\TakeIn;
use App\Intake\ZipBatch;
use App\Models\Batch;
use App\Models\Gallery;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Takes in the pictures of a ZIP, one by one. Run again, it meets the ones it took before as known. */
final class TakeInZip implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 1;

    public int $timeout = 3600;

    public function __construct(public readonly string $batchId)
    {
    }

    public function handle(ZipBatch $zip, TakeIn $intake, AddPictures $add, Factory $disks, QueueMissingRenditions $missing): void
    {
        $batch = Batch::query()->find($this->batchId);
        if ($batch === null) {
            return;
        }
        $path = $disks->disk('parts')->path($batch->id);
        $batch->update(['state' => 'running']);
        $zip->walk($path, $batch->name, function (string $name, ?string $file, ?IntakeException $refused) use ($batch, $intake, $add): void {
            if ($file === null) {
                $batch->note($name, 'failed', $refused?->getMessage() ?? '');

                return;
            }
            try {
                $taken = $intake->handle($file, $name, new Provenance('zip'));
                $gallery = $batch->gallery_id === null ? null : Gallery::query()->find($batch->gallery_id);
                if ($gallery !== null && $taken->goesIn) {
                    $add->handle($gallery, [$taken->picture], $batch->user_id, $batch->id, [], false);
                }
                $batch->note($name, 'ready', $taken->notice ?? '', $taken->picture->id);
            } catch (IntakeException $exception) {
                $batch->note($name, 'failed', $exception->getMessage());
            }
        });
        // What the layout needs of all of them, in one go.
        $missing->forGallery($batch->gallery_id);
        $batch->update(['state' => 'done']);
        $disks->disk('parts')->delete($batch->id);
    }

    public function failed(?Throwable $exception): void
    {
        Batch::query()->whereKey($this->batchId)->update(['state' => 'failed']);
    }
}
