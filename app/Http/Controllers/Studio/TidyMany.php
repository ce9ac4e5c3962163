<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\TidyPictures;
use App\Http\Requests\TidyManyRequest;
use App\Models\Picture;
use Illuminate\Http\JsonResponse;

/** Gives some pictures the same recipe. */
final class TidyMany
{
    public function __invoke(TidyManyRequest $request, TidyPictures $tidy): JsonResponse
    {
        $recipe = $request->recipe();
        foreach (Picture::query()->whereIn('id', $request->ids())->where('kind', 'picture')->get() as $picture) {
            $tidy->handle($picture, $recipe);
        }

        return new JsonResponse(null, 204);
    }
}
