<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Models\Gallery;
use App\Proofing\GalleryProofs;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The proof of a gallery with its measures, for whoever shows it. */
final class ShowLaidOut
{
    public function __invoke(Request $request, Gallery $gallery, GalleryProofs $proofs): JsonResponse
    {
        return new JsonResponse(['version' => $gallery->version, ...$proofs->of($gallery, $request->string('html')->toString())]);
    }
}
