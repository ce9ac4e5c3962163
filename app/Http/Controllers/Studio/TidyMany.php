<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\TidyPictures;
use App\Http\Requests\TidyManyRequest;
use Illuminate\Http\JsonResponse;

/** Gives some pictures the same recipe. */
final class TidyMany
{
    public function __invoke(TidyManyRequest $request, TidyPictures $tidy): JsonResponse
    {
        $tidy->many($request->ids(), $request->recipe());

        return new JsonResponse(null, 204);
    }
}
