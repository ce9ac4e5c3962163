<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\SecurityLog;
use App\Models\Gallery;
use App\Models\SecurityKind;
use App\Publishing\DeleteGallery;
use Illuminate\Http\JsonResponse;

/** Brings a deleted gallery back as it was. */
final class RestoreGallery
{
    public function __invoke(string $gallery, DeleteGallery $delete, SecurityLog $log): JsonResponse
    {
        $back = Gallery::onlyTrashed()->findOrFail($gallery);
        $delete->restore($back);
        $log->note(SecurityKind::Published, "Brought “{$back->title}” back.");

        return new JsonResponse(null, 204);
    }
}
