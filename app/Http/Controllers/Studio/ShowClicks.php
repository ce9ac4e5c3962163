<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Models\Gallery;
use App\Proofing\GalleryClicks;
use Illuminate\Http\JsonResponse;

/** What a click on each picture of a gallery does. */
final class ShowClicks
{
    public function __invoke(Gallery $gallery): JsonResponse
    {
        return new JsonResponse(GalleryClicks::of($gallery));
    }
}
