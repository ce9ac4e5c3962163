<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\SecurityLog;
use App\Actions\GoBack;
use App\Http\GalleryAnswer;
use App\Http\Requests\BackRequest;
use App\Http\Requests\HistoryRequest;
use App\Http\Requests\SignedIn;
use App\Models\Edition;
use App\Models\Gallery;
use App\Models\SecurityKind;
use App\Pages\SiteHistory;
use App\Proofing\GalleryHistory;
use App\Publishing\PutEditionLive;
use Illuminate\Http\JsonResponse;

/** What was done, and the ways back. */
final class HistoryController
{
    public function gallery(HistoryRequest $request, Gallery $gallery, GalleryHistory $history): JsonResponse
    {
        return new JsonResponse($history->of($gallery, $request->before()));
    }

    public function galleryBack(BackRequest $request, string $gallery, GoBack $back, GalleryAnswer $answer): JsonResponse
    {
        return $answer->of($back->handle($gallery, $request->integer('version'), $request->integer('entry'), $request->userId()));
    }

    public function site(HistoryRequest $request, SiteHistory $history): JsonResponse
    {
        return new JsonResponse($history->acts($request->before()));
    }

    public function siteBack(BackRequest $request, SiteHistory $history): JsonResponse
    {
        $history->back($request->integer('entry'), $request->userId());

        return new JsonResponse(null, 204);
    }

    public function editionLive(SignedIn $request, Edition $edition, PutEditionLive $live, SecurityLog $log): JsonResponse
    {
        $gone = $live->handle($edition, $request->userId());
        $log->note(SecurityKind::Published, "Put an earlier edition of “{$edition->content->about->title}” live again.");

        return new JsonResponse(['gone' => $gone]);
    }
}
