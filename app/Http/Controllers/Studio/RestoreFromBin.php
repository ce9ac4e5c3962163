<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\BinPictures;
use App\Http\Requests\PicturesRequest;
use Illuminate\Http\JsonResponse;

/** Takes pictures out of the bin. */
final class RestoreFromBin
{
    public function __invoke(PicturesRequest $request, BinPictures $bin): JsonResponse
    {
        $bin->restore($request->ids());

        return new JsonResponse(null, 204);
    }
}
