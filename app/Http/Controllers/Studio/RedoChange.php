<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\StepThroughJournal;
use App\Http\Requests\VersionRequest;
use App\Http\Resources\GalleryResource;

/** Does again what was taken back last. */
final class RedoChange
{
    public function __invoke(VersionRequest $request, string $gallery, StepThroughJournal $journal): GalleryResource
    {
        return GalleryResource::of($journal->redo($gallery, $request->integer('version')));
    }
}
