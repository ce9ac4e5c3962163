<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\StepThroughJournal;
use App\Http\GalleryAnswer;
use App\Http\Requests\VersionRequest;
use Illuminate\Http\JsonResponse;

/** Does again what was taken back last. */
final class RedoChange
{
    public function __invoke(VersionRequest $request, string $gallery, StepThroughJournal $journal, GalleryAnswer $answer): JsonResponse
    {
        return $answer->of($journal->redo($gallery, $request->integer('version')));
    }
}
