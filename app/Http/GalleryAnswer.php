<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Gallery;
use App\Proofing\GalleryProofs;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A gallery as an answer, whatever was done to it. */
final readonly class GalleryAnswer
{
    public function __construct(private GalleryProofs $proofs, private Request $request)
    {
    }

    public function of(Gallery $gallery, int $status = 200): JsonResponse
    {
        return new JsonResponse($this->facts($gallery), $status);
    }

    /**
     * @return array<string, mixed>
     */
    public function facts(Gallery $gallery): array
    {
        return $this->proofs->of($gallery, $this->request->getSchemeAndHttpHost());
    }
}
