<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\FinishesRequest;
use App\Models\Gallery;
use App\Proofing\GalleryFinishes;
use Illuminate\Http\JsonResponse;

/** Finishes, effects or drifts, drawn on a gallery's own pictures. */
final class ShowFinishes
{
    public function __invoke(FinishesRequest $request, Gallery $gallery, GalleryFinishes $finishes): JsonResponse
    {
        return new JsonResponse($finishes->of($gallery, $request->view()));
    }
}
