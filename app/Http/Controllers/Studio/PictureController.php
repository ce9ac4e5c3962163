<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Resources\PictureResource;
use App\Models\Picture;

/** Pictures of the store. */
final class PictureController
{
    public function show(Picture $picture): PictureResource
    {
        return new PictureResource($picture);
    }
}
