<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\SecurityLog;
use App\Http\Requests\PicturesRequest;
use App\Models\SecurityKind;
use App\Publishing\PicturesOffline;
use Illuminate\Http\JsonResponse;

/** Deletes pictures that are in the bin; there is no way back. */
final class DeleteForGood
{
    public function __invoke(PicturesRequest $request, PicturesOffline $pictures, SecurityLog $log): JsonResponse
    {
        $deleted = $pictures->delete($request->ids());
        $log->note(SecurityKind::Deleted, 'Pictures deleted for good: '.count($request->ids()).'.');

        return new JsonResponse(['deleted' => $deleted]);
    }
}
