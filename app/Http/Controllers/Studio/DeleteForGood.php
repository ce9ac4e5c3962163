<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\BinPictures;
use App\Http\Requests\PicturesRequest;
use Illuminate\Http\JsonResponse;

/** Deletes pictures that are in the bin; there is no way back. */
final class DeleteForGood
{
    public function __invoke(PicturesRequest $request, BinPictures $bin): JsonResponse
    {
        return new JsonResponse(['deleted' => $bin->delete($request->ids())]);
    }
}
