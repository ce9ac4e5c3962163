<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\PutInArrivals;
use App\Models\Gallery;
use App\Publishing\GalleryStamp;
use Illuminate\Http\JsonResponse;

/** Whether something of a gallery changed: asked every few seconds by every window that shows it. */
final class ShowPulse
{
    public function __invoke(Gallery $gallery, PutInArrivals $arrivals): JsonResponse
    {
        $arrivals->waiting($gallery->id);

        return new JsonResponse(['stamp' => GalleryStamp::of($gallery->refresh())]);
    }
}
