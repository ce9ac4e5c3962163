<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\MeanSnag;
use App\Http\Requests\MeantRequest;
use App\Models\Gallery;
use App\Proofing\SnagList;
use Illuminate\Http\JsonResponse;

/** Snags that are meant to be so. */
final readonly class MeantSnagController
{
    public function __construct(private MeanSnag $mean, private SnagList $snags)
    {
    }

    public function update(MeantRequest $request, Gallery $gallery, string $code): JsonResponse
    {
        $this->mean->mean($gallery, $this->snags->called($gallery, $code), $request->string('word')->toString(), $request->userId());

        return new JsonResponse(null, 204);
    }

    public function destroy(Gallery $gallery, string $code): JsonResponse
    {
        $this->mean->doubt($gallery, $code);

        return new JsonResponse(null, 204);
    }
}
