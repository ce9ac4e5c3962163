<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\AddText;
use App\Http\Requests\TextRequest;
use App\Http\Resources\GalleryResource;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** Texts among the pictures of a gallery. */
final class GalleryTextController
{
    public function store(TextRequest $request, Gallery $gallery, AddText $add): JsonResponse
    {
        $changed = $add->handle($gallery, $request->string('title')->toString(), $request->cleaned(), $request->userId());

        return GalleryResource::of($changed)->response()->setStatusCode(201);
    }
}
