<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\ChangePicture;
use App\Actions\PictureSearch;
use App\Http\Requests\ChangePictureRequest;
use App\Http\Requests\FindPicturesRequest;
use App\Http\Resources\PictureResource;
use App\Http\Resources\StoredPictureResource;
use App\Models\Picture;
use Illuminate\Http\JsonResponse;

/** Pictures of the store. */
final class PictureController
{
    public function index(FindPicturesRequest $request, PictureSearch $search): JsonResponse
    {
        ['total' => $total, 'ids' => $ids] = $search->page($request->filter(), $request->offset(), $request->limit());

        return new JsonResponse([
            'total' => $total,
            'offset' => $request->offset(),
            'pictures' => StoredPictureResource::some($ids),
        ]);
    }

    public function show(Picture $picture): PictureResource
    {
        return new PictureResource($picture->load('poster'));
    }

    public function update(ChangePictureRequest $request, Picture $picture, ChangePicture $change): PictureResource
    {
        $change->handle($picture, $request->facts());

        return new PictureResource($picture->refresh()->load('poster'));
    }
}
