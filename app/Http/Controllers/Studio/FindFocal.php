<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\FindFocalPoint;
use App\Http\Requests\TidyPreviewRequest;
use App\Models\Picture;
use Illuminate\Http\JsonResponse;

/** Where the focal point of a picture would be found, on the picture as a recipe makes it. */
final class FindFocal
{
    public function __invoke(TidyPreviewRequest $request, Picture $picture, FindFocalPoint $find): JsonResponse
    {
        $point = $find->seen($picture, $request->recipe());

        return new JsonResponse(['focal' => [round($point->x, 4), round($point->y, 4)]]);
    }
}
