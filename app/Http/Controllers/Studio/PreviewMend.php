<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\MendRequest;
use App\Models\Gallery;
use App\Proofing\MendPreview;
use Illuminate\Http\JsonResponse;

/** What a mend would come to. */
final class PreviewMend
{
    public function __invoke(MendRequest $request, Gallery $gallery, MendPreview $preview): JsonResponse
    {
        return new JsonResponse($preview->of($gallery, $request->change()));
    }
}
