<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Exchange\BroughtGalleries;
use App\Http\Requests\SignedIn;
use App\Http\Resources\TakenInResource;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A gallery that is to be made of a ZIP: what was understood of it, and the word that it is to be made. */
final readonly class BroughtGalleryController
{
    public function __construct(private BroughtGalleries $galleries)
    {
    }

    public function show(Request $request, string $batch): JsonResponse
    {
        return new JsonResponse($this->galleries->understood(self::asking($request, $batch))->toArray());
    }

    public function store(SignedIn $request, string $batch): JsonResponse
    {
        $own = self::asking($request, $batch);
        $this->galleries->begin($own, $request->string('title')->toString());

        return new JsonResponse(['batch' => TakenInResource::batch($own->refresh())], 202);
    }

    public function destroy(Request $request, string $batch): JsonResponse
    {
        $this->galleries->forget(self::asking($request, $batch));

        return new JsonResponse(null, 204);
    }

    /** Of the one who sent it a short while ago, and not begun. */
    private static function asking(Request $request, string $id): Batch
    {
        return Batch::looked()->where('user_id', $request->user()?->getAuthIdentifier())->where('purpose', Batch::GALLERY)->findOrFail($id);
    }
}
