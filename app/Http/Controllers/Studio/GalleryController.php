<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\ChangeGallery;
use App\Actions\CreateGallery;
use App\Http\Requests\ChangeGalleryRequest;
use App\Http\Requests\CreateGalleryRequest;
use App\Http\Resources\GalleryCard;
use App\Http\Resources\GalleryResource;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** Galleries as their editors see them. */
final class GalleryController
{
    public function index(): AnonymousResourceCollection
    {
        $galleries = Gallery::query()->with([Gallery::ITEMS, 'panes.page', 'edition'])->latest('updated_at')->latest('id')->get();

        return GalleryCard::collection($galleries);
    }

    public function store(CreateGalleryRequest $request, CreateGallery $create): JsonResponse
    {
        $gallery = $create->handle($request->string('title')->toString());

        return GalleryResource::of($gallery)->response()->setStatusCode(201);
    }

    public function show(Gallery $gallery): GalleryResource
    {
        return GalleryResource::of($gallery);
    }

    public function update(ChangeGalleryRequest $request, Gallery $gallery, ChangeGallery $change): GalleryResource
    {
        return GalleryResource::of($change->handle($gallery->id, $request->integer('version'), $request->change(), $request->userId()));
    }
}
