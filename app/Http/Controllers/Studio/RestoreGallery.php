<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Models\Gallery;
use App\Publishing\DeleteGallery;
use Illuminate\Http\JsonResponse;

/** Brings a deleted gallery back as it was. */
final class RestoreGallery
{
    public function __invoke(string $gallery, DeleteGallery $delete): JsonResponse
    {
        $delete->restore(Gallery::onlyTrashed()->findOrFail($gallery));

        return new JsonResponse(null, 204);
    }
}
