<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Intake\Workshop;

/** Puts orders into the queue. */
final class QueuedWorkshop implements Workshop
{
    /** Unpacking has a queue of its own, so that a large ZIP holds up nobody. */
    private const BATCHES = 'batches';

    public function makeRenditions(string $pictureId): void
    {
        MakeRenditions::dispatch($pictureId);
    }

    public function takeInZip(string $batchId): void
    {
        TakeInZip::dispatch($batchId)->onQueue(self::BATCHES);
    }

    public function makeGallery(string $batchId): void
    {
        MakeGalleryOfZip::dispatch($batchId)->onQueue(self::BATCHES);
    }

    public function takeFilesOfSource(string $batchId, string $source, array $files): void
    {
        TakeFilesOfSource::dispatch($batchId, $source, $files)->onQueue(self::BATCHES);
    }

    public function makeWhatGalleryLacks(string $galleryId): void
    {
        OrderLackingFiles::dispatch($galleryId);
    }
}
