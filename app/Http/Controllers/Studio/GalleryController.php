<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\SecurityLog;
use App\Actions\ChangeGallery;
use App\Actions\CreateGallery;
use App\Actions\PutInArrivals;
use App\Http\GalleryAnswer;
use App\Http\Requests\ChangeGalleryRequest;
use App\Http\Requests\CreateGalleryRequest;
use App\Models\Gallery;
use App\Models\SecurityKind;
use App\Proofing\GalleryCards;
use App\Publishing\DeleteGallery;
use App\Publishing\LiveSite;
use Illuminate\Http\JsonResponse;

/** Galleries as their editors see them. */
final readonly class GalleryController
{
    public function __construct(private GalleryAnswer $answer)
    {
    }

    public function index(GalleryCards $cards): JsonResponse
    {
        return new JsonResponse($cards->all());
    }

    public function store(CreateGalleryRequest $request, CreateGallery $create): JsonResponse
    {
        return $this->answer->whole($create->handle($request->string('title')->toString()), 201);
    }

    public function show(Gallery $gallery, LiveSite $live, PutInArrivals $arrivals): JsonResponse
    {
        $live->settle();
        $arrivals->waiting($gallery->id);
        $gallery->refresh();

        return $this->answer->whole($gallery);
    }

    public function update(ChangeGalleryRequest $request, Gallery $gallery, ChangeGallery $change): JsonResponse
    {
        return $this->answer->of($change->asked($gallery->id, $request->integer('version'), $request->change(), $request->userId(), $request->asking()));
    }

    public function destroy(Gallery $gallery, DeleteGallery $delete, SecurityLog $log): JsonResponse
    {
        $delete->delete($gallery);
        $log->note(SecurityKind::Deleted, "Deleted “{$gallery->title}”, from the pages of visitors too.");

        return new JsonResponse(null, 204);
    }
}
