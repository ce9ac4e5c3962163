<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\BinPictures;
use App\Models\Picture;
use Illuminate\Http\JsonResponse;

/** The galleries that a picture is in. */
final class ShowUses
{
    public function __invoke(Picture $picture, BinPictures $bin): JsonResponse
    {
        return new JsonResponse(['galleries' => $bin->galleriesOf($picture)]);
    }
}
