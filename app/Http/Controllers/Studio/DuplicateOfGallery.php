<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\DuplicateGallery;
use App\Http\GalleryAnswer;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** Begins a gallery as another one is. */
final class DuplicateOfGallery
{
    public function __invoke(Gallery $gallery, DuplicateGallery $duplicate, GalleryAnswer $answer): JsonResponse
    {
        return $answer->whole($duplicate->handle($gallery), 201);
    }
}
