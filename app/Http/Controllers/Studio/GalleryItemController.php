<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\AddPictures;
use App\Http\GalleryAnswer;
use App\Http\Requests\PicturesRequest;
use App\Models\Gallery;
use App\Models\Picture;
use Illuminate\Http\JsonResponse;

/** Pictures of the store that are put into a gallery. */
final class GalleryItemController
{
    public function store(PicturesRequest $request, Gallery $gallery, AddPictures $add, GalleryAnswer $answer): JsonResponse
    {
        $byId = Picture::query()->whereIn('id', $request->ids())->whereNull('binned_at')->get()->keyBy('id');
        $pictures = array_values(array_filter(array_map(static fn (string $id): ?Picture => $byId->get($id), $request->ids())));

        return $answer->of($add->handle($gallery, $pictures, $request->userId()), 201);
    }
}
