<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Models\Gallery;
use App\Proofing\SnagList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** All that visitors of a gallery would trip over. */
final class ShowSnags
{
    public function __invoke(Request $request, Gallery $gallery, SnagList $snags): JsonResponse
    {
        return new JsonResponse($snags->of($gallery, $request->boolean('mends'), $request->boolean('places')));
    }
}
