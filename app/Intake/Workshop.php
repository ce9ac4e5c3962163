<?php

declare(strict_types=1);

namespace App\Intake;

/** Takes orders for what is done in the background; who does it, and when, is not known here. */
interface Workshop
{
    /** The renditions that a picture lacks. */
    public function makeRenditions(string $pictureId): void;

    /** The pictures of a ZIP, which lies among the parts under the name of the batch. */
    public function takeInZip(string $batchId): void;

    /** A gallery of the files in a ZIP, which lies there too. */
    public function makeGallery(string $batchId): void;

    /**
     * Pictures of a source.
     *
     * @param  list<string>  $files
     */
    public function takeFilesOfSource(string $batchId, string $source, array $files): void;

    /** Finds out what files a gallery lacks, and makes them: soon, and once for many changes in a row. */
    public function makeWhatGalleryLacks(string $galleryId): void;
}
