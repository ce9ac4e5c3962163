<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\FileType;
use App\Intake\IntakeException;
use App\Intake\Parts;
use App\Intake\TakeIn;
use App\Intake\TakenIn;
use App\Intake\Workshop;
use App\Intake\ZipBatch;
use App\Models\Batch;
use App\Models\Picture;
use App\Models\Upload;
use Illuminate\Contracts\Filesystem\Factory;

/**
 * What becomes of a file once its last part is there: a picture of the store, or a batch to be
 * unpacked. It is done once; whoever asks again, after a line that broke say, is told the same.
 */
final readonly class FinishUpload
{
    public function __construct(
        private TakeIn $intake,
        private PutInArrivals $arrivals,
        private ZipBatch $zip,
        private Parts $parts,
        private Factory $disks,
        private Workshop $workshop,
    ) {
    }

    /**
     * @throws IntakeException when the file is not taken; nothing of it is left
     */
    public function handle(Upload $upload): TakenIn|Batch
    {
        // A second one waits for the first; where that was killed, it does the work itself.
        return $this->parts->locked($upload, function () use ($upload): TakenIn|Batch {
            $outcome = $upload->refresh()->outcome;
            if ($outcome !== null) {
                return $this->again($outcome);
            }
            try {
                $taken = $this->finish($upload);
            } catch (IntakeException $refusal) {
                $upload->update(['outcome' => ['refused' => $refusal->reason, 'says' => $refusal->getMessage()]]);
                $this->close($upload);
                throw $refusal;
            }
            // Where the machine is to blame the file is kept, and whoever asks again has it tried again.
            $this->close($upload);

            return $taken;
        });
    }

    private function close(Upload $upload): void
    {
        $this->parts->forgetFile($upload);
        $this->arrivals->handle($upload);
    }

    /**
     * @throws IntakeException when the file is not taken
     */
    private function finish(Upload $upload): TakenIn|Batch
    {
        $path = $this->parts->path($upload);
        if (! is_file($path)) {
            throw IntakeException::empty($upload->name);
        }
        if (FileType::sniff($path, $upload->name) === FileType::Zip) {
            return $this->batch($upload, $path);
        }
        if ($upload->purpose === Batch::GALLERY) {
            throw IntakeException::noZip($upload->name);
        }
        $taken = $this->intake->handle($path, $upload->name);
        $upload->update(['picture_id' => $taken->goesIn ? $taken->picture->id : null, 'outcome' => ['picture' => $taken->picture->id, 'known' => $taken->isKnown, 'notice' => $taken->notice]]);

        return $taken;
    }

    private function batch(Upload $upload, string $path): Batch
    {
        $batch = new Batch(['purpose' => $upload->purpose, 'state' => $upload->purpose === Batch::GALLERY ? 'asking' : 'waiting', 'user_id' => $upload->user_id, 'gallery_id' => $upload->gallery_id, 'name' => $upload->name, 'total' => $this->zip->count($path, $upload->name)]);
        $batch->id = $batch->newUniqueId();
        rename($path, $this->disks->disk('parts')->path($batch->id));
        $batch->save();
        $upload->update(['outcome' => ['batch' => $batch->id]]);
        if ($batch->purpose !== Batch::GALLERY) {
            $this->workshop->takeInZip($batch->id);
        }

        return $batch;
    }

    /**
     * @param  array<string, mixed>  $outcome
     *
     * @throws IntakeException when the file was not taken
     */
    private function again(array $outcome): TakenIn|Batch
    {
        $text = static fn (string $key): ?string => is_string($outcome[$key] ?? null) ? $outcome[$key] : null;

        return match (true) {
            isset($outcome['refused']) => throw IntakeException::asBefore($text('refused') ?? '', $text('says') ?? ''),
            isset($outcome['batch']) => Batch::query()->findOrFail($text('batch')),
            default => new TakenIn(Picture::query()->findOrFail($text('picture')), ($outcome['known'] ?? false) === true, $text('notice')),
        };
    }
}
