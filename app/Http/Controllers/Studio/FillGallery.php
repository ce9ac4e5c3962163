<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\FillWords;
use App\Http\GalleryAnswer;
use App\Http\Requests\FillRequest;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** Fills a word of many pictures, as one act. */
final class FillGallery
{
    public function __invoke(FillRequest $request, Gallery $gallery, FillWords $fill, GalleryAnswer $answer): JsonResponse
    {
        return $answer->of($fill->handle($gallery, $request->integer('version'), $request->fill(), $request->items(), $request->userId()));
    }
}
