<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\CandidatesRequest;
use App\Models\Gallery;
use App\Proofing\GalleryCandidates;
use Illuminate\Http\JsonResponse;

/** Layouts side by side, measured. */
final class ShowCandidates
{
    public function __invoke(CandidatesRequest $request, Gallery $gallery, GalleryCandidates $candidates): JsonResponse
    {
        return new JsonResponse($candidates->of($gallery, $request->view(), $request->weights()));
    }
}
