<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\SecurityLog;
use App\Http\GalleryAnswer;
use App\Http\Requests\PicturesRequest;
use App\Models\Gallery;
use App\Models\Page;
use App\Models\SecurityKind;
use App\Publishing\PicturesOffline;
use App\Publishing\TakeOffline;
use Illuminate\Http\JsonResponse;

/** Takes things off what visitors see, at once. */
final readonly class OfflineController
{
    public function __construct(private TakeOffline $offline, private SecurityLog $log)
    {
    }

    public function gallery(Gallery $gallery, GalleryAnswer $answer): JsonResponse
    {
        $this->offline->gallery($gallery);
        $this->log->note(SecurityKind::Published, "Took “{$gallery->title}” offline.");

        return $answer->of($gallery->refresh());
    }

    public function page(Page $page): JsonResponse
    {
        $this->offline->page($page->id);
        $this->log->note(SecurityKind::Published, "Took the page “{$page->title}” offline.");

        return new JsonResponse(null, 204);
    }

    public function pictures(PicturesRequest $request, PicturesOffline $pictures): JsonResponse
    {
        $pictures->take($request->ids());
        $this->log->note(SecurityKind::Published, 'Pictures taken offline everywhere: '.count($request->ids()).'.');

        return new JsonResponse(null, 204);
    }

    public function picturesBack(PicturesRequest $request, PicturesOffline $pictures): JsonResponse
    {
        $pictures->allow($request->ids());

        return new JsonResponse(null, 204);
    }
}
