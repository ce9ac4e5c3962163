<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\VersionRequest;
use App\Http\Resources\GalleryResource;
use App\Publishing\PutLive;

/** Makes the saved state of a gallery public. */
final class PutGalleryLive
{
    public function __invoke(VersionRequest $request, string $gallery, PutLive $live): GalleryResource
    {
        return GalleryResource::of($live->handle($gallery, $request->integer('version'), $request->userId()));
    }
}
