<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Resources\TakenInResource;
use App\Models\Pile;
use Illuminate\Http\JsonResponse;

/** Many files that are taken in together. */
final class PileController
{
    public function show(Pile $pile): JsonResponse
    {
        return new JsonResponse(TakenInResource::pile($pile));
    }
}
