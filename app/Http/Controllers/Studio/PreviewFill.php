<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\FillWords;
use App\Http\Requests\FillRequest;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** What filling a word of many pictures would come to. */
final class PreviewFill
{
    public function __invoke(FillRequest $request, Gallery $gallery, FillWords $fill): JsonResponse
    {
        return new JsonResponse(['rows' => $fill->preview($gallery, $request->fill(), $request->items())]);
    }
}
