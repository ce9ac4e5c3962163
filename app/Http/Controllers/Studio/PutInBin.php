<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\BinPictures;
use App\Http\Requests\PicturesRequest;
use Illuminate\Http\JsonResponse;

/** Puts pictures of the store into the bin; those in use stay, and it says where they are used. */
final class PutInBin
{
    public function __invoke(PicturesRequest $request, BinPictures $bin): JsonResponse
    {
        return new JsonResponse(['in_use' => $bin->bin($request->ids())]);
    }
}
