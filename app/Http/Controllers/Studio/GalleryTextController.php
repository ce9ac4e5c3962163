<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\AddText;
use App\Http\GalleryAnswer;
use App\Http\Requests\TextRequest;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** Texts among the pictures of a gallery. */
final class GalleryTextController
{
    public function store(TextRequest $request, Gallery $gallery, AddText $add, GalleryAnswer $answer): JsonResponse
    {
        $changed = $add->handle($gallery, $request->string('title')->toString(), $request->cleaned(), $request->userId());

        return $answer->of($changed, 201);
    }
}
