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
use App\Models\Gallery;
use App\Models\Upload;
use Illuminate\Contracts\Filesystem\Factory;

/** What becomes of a file once its last part is there: a picture of the store, or a batch to be unpacked. */
final readonly class FinishUpload
{
    public function __construct(
        private TakeIn $intake,
        private AddPictures $add,
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
        $path = $this->parts->path($upload);
        try {
            return is_file($path) && filesize($path) > 0 && FileType::sniff($path, $upload->name) === FileType::Zip
                ? $this->batch($upload, $path)
                : $this->picture($upload, $path);
        } finally {
            $this->parts->forget($upload);
        }
    }

    private function picture(Upload $upload, string $path): TakenIn
    {
        if (! is_file($path)) {
            throw IntakeException::empty($upload->name);
        }
        $taken = $this->intake->handle($path, $upload->name);
        $gallery = $upload->gallery_id === null ? null : Gallery::query()->find($upload->gallery_id);
        if ($gallery !== null) {
            $this->add->handle($gallery, [$taken->picture], $upload->user_id, $upload->arrival);
        }

        return $taken;
    }

    private function batch(Upload $upload, string $path): Batch
    {
        $batch = new Batch(['user_id' => $upload->user_id, 'gallery_id' => $upload->gallery_id, 'name' => $upload->name, 'total' => $this->zip->count($path, $upload->name)]);
        $batch->id = $batch->newUniqueId();
        rename($path, $this->disks->disk('parts')->path($batch->id));
        $batch->save();
        $this->workshop->takeInZip($batch->id);

        return $batch;
    }
}
