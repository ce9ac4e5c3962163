<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\LayoutPreviewRequest;
use App\Models\Gallery;
use App\Models\Site;
use App\Publishing\GalleryRenderer;
use App\Publishing\ProofPages;
use Illuminate\Http\JsonResponse;

/** The proof of a layout that nobody adopted yet. */
final class PreviewLayout
{
    public function __invoke(LayoutPreviewRequest $request, Gallery $gallery): JsonResponse
    {
        $drawn = GalleryRenderer::ofDraft($gallery->loadMissing(Gallery::ITEMS), $request->designFor($gallery));
        $fragment = $drawn->fragment(ProofPages::PROOF_ID, Site::query()->firstOrFail()->contentWidth());

        return new JsonResponse(['html' => $fragment->html, 'css' => $fragment->css]);
    }
}
