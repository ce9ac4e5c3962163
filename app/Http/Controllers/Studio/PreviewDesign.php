<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\DesignPreviewRequest;
use App\Models\Gallery;
use App\Proofing\GalleryProofs;
use Illuminate\Http\JsonResponse;

/** The proof of a design that nobody adopted yet. */
final class PreviewDesign
{
    public function __invoke(DesignPreviewRequest $request, Gallery $gallery, GalleryProofs $proofs): JsonResponse
    {
        return new JsonResponse($proofs->ofPart($gallery, $request->design()));
    }
}
