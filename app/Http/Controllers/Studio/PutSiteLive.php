<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\SecurityLog;
use App\Actions\PrepareGallery;
use App\Http\Requests\LiveRequest;
use App\Models\Gallery;
use App\Models\SecurityKind;
use App\Publishing\PutLive;
use Illuminate\Http\JsonResponse;

/** Makes chosen galleries and pages public in one act; tells how many pictures lack files first, as long as some do. */
final class PutSiteLive
{
    /** Seconds for which one request makes files, so that a person sees it get on. */
    private const A_WHILE = 2.0;

    public function __invoke(LiveRequest $request, PrepareGallery $preparation, PutLive $live, SecurityLog $log): JsonResponse
    {
        foreach ($request->versions() as $id => $version) {
            $lacking = $preparation->handle($id, $version, self::A_WHILE);
            if ($lacking > 0) {
                return new JsonResponse(['lacking' => $lacking], JsonResponse::HTTP_ACCEPTED);
            }
        }
        $put = $live->many($request->versions(), $request->pages(), $request->userId());
        $titles = array_map(static fn (Gallery $gallery): string => "“{$gallery->title}”", array_values($put));
        $log->note(SecurityKind::Published, 'Put '.implode(', ', [...$titles, ...($request->pages() === [] ? [] : [count($request->pages()).' pages'])]).' live.');

        return new JsonResponse(null, 204);
    }
}
