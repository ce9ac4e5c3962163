<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\LayoutPreviewRequest;
use App\Models\Gallery;
use App\Proofing\GalleryProofs;
use Illuminate\Http\JsonResponse;

/** The proof of a layout that nobody adopted yet. */
final class PreviewLayout
{
    public function __invoke(LayoutPreviewRequest $request, Gallery $gallery, GalleryProofs $proofs): JsonResponse
    {
        return new JsonResponse($proofs->ofLayout($gallery, $request->layout()));
    }
}
