<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\AddPictures;
use App\Http\Requests\UploadRequest;
use App\Http\Resources\TakenInResource;
use App\Intake\IntakeException;
use App\Intake\TakeIn;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** Files dropped on a gallery, one a request, so that each has its own progress and its own fate. */
final class GalleryPictureController
{
    /**
     * @throws IntakeException when the file is not taken; nothing was stored
     */
    public function store(UploadRequest $request, Gallery $gallery, TakeIn $intake, AddPictures $add): JsonResponse
    {
        $file = $request->picture();
        $taken = $intake->handle($file->getPathname(), $file->getClientOriginalName());
        if ($taken->goesIn) {
            $add->handle($gallery, [$taken->picture], $request->userId());
        }

        return TakenInResource::of($taken);
    }
}
