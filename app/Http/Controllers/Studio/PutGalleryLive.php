<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\SecurityLog;
use App\Actions\PrepareGallery;
use App\Http\GalleryAnswer;
use App\Http\Requests\VersionRequest;
use App\Models\SecurityKind;
use App\Publishing\PutLive;
use Illuminate\Http\JsonResponse;

/** Makes the saved state of a gallery public; tells how many pictures lack files first, as long as some do. */
final class PutGalleryLive
{
    /** Seconds for which one request makes files, so that a person sees it get on. */
    private const A_WHILE = 2.0;

    public function __invoke(VersionRequest $request, string $gallery, PrepareGallery $preparation, PutLive $live, GalleryAnswer $answer, SecurityLog $log): JsonResponse
    {
        $version = $request->integer('version');
        $lacking = $preparation->handle($gallery, $version, self::A_WHILE);
        if ($lacking > 0) {
            return new JsonResponse(['lacking' => $lacking], JsonResponse::HTTP_ACCEPTED);
        }

        $put = $live->handle($gallery, $version, $request->userId(), $request->pages());
        $log->note(SecurityKind::Published, "Put “{$put->title}” live.");

        return $answer->of($put);
    }
}
