<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Resources\TakenInResource;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;

/** Many files that are taken in together. */
final class BatchController
{
    public function show(Batch $batch): JsonResponse
    {
        return new JsonResponse(TakenInResource::batch($batch));
    }
}
