<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\QueueMissingRenditions;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\InteractsWithQueue;

/** Orders the files that the layout of a gallery needs and that are not there; nobody waits for the finding out. */
final class OrderLackingFiles implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 2;

    public int $uniqueFor = 600;

    public function __construct(public readonly string $galleryId)
    {
    }

    public function uniqueId(): string
    {
        return $this->galleryId;
    }

    public function handle(QueueMissingRenditions $missing): void
    {
        $missing->forGallery($this->galleryId);
    }
}
