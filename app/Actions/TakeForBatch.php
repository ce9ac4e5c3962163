<?php

declare(strict_types=1);

namespace App\Actions;

use App\Access\SecurityLog;
use App\Intake\IntakeException;
use App\Intake\Provenance;
use App\Intake\TakeIn;
use App\Models\Batch;
use App\Models\Gallery;
use App\Models\SecurityKind;
use App\Models\User;

/** Takes in one file of a batch, puts it into the gallery that it was sent to, and notes what became of it. */
final readonly class TakeForBatch
{
    public function __construct(private TakeIn $intake, private AddPictures $add, private SecurityLog $log)
    {
    }

    /** Where the machine is to blame nothing is noted, and the batch stands there until it is well. */
    public function handle(Batch $batch, string $path, string $name, Provenance $from, ?string $title = null): void
    {
        try {
            $taken = $this->intake->handle($path, $name, $from);
            $gallery = $batch->gallery_id === null ? null : Gallery::query()->find($batch->gallery_id);
            if ($gallery !== null && $taken->goesIn) {
                $this->add->handle($gallery, [$taken->picture], $batch->user_id, $batch->id, [], false);
            }
            $batch->note($title ?? $name, 'ready', $taken->notice ?? '', $taken->picture->id);
        } catch (IntakeException $exception) {
            $batch->note($name, 'failed', $exception->getMessage());
            $this->log->note(SecurityKind::FileRefused, $exception->getMessage(), User::query()->find($batch->user_id));
        }
    }
}
