<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\CandidatesRequest;
use App\Http\Resources\GalleryCandidates;
use App\Models\Gallery;
use App\Models\Site;
use App\Publishing\GalleryRenderer;
use Illuminate\Http\JsonResponse;

/** Layouts side by side, measured. */
final class ShowCandidates
{
    public function __invoke(CandidatesRequest $request, Gallery $gallery): JsonResponse
    {
        $drawn = GalleryRenderer::ofDraft($gallery->loadMissing(Gallery::ITEMS));

        return new JsonResponse(GalleryCandidates::of($drawn, Site::query()->firstOrFail()->contentWidth(), $request->weights()));
    }
}
