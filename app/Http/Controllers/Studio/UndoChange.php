<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\StepThroughJournal;
use App\Http\GalleryAnswer;
use App\Http\Requests\VersionRequest;
use Illuminate\Http\JsonResponse;

/** Takes the last act on a gallery back. */
final class UndoChange
{
    public function __invoke(VersionRequest $request, string $gallery, StepThroughJournal $journal, GalleryAnswer $answer): JsonResponse
    {
        return $answer->of($journal->undo($gallery, $request->integer('version'), $request->has('entry') ? $request->integer('entry') : null, $request->userId()));
    }
}
