<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Gallery;
use App\Proofing\GalleryFacts;
use App\Proofing\GalleryProofs;
use App\Proofing\Items;
use Illuminate\Http\JsonResponse;

/** A gallery as an answer: whole where it is asked for, else what a change made of it and no more. */
final readonly class GalleryAnswer
{
    /** What the studio shows: the key of the HTML of the proof that it has, empty for none. Without it no proof is made. */
    private const SHOWS = 'shows';

    public function __construct(private GalleryFacts $facts, private GalleryProofs $proofs)
    {
    }

    public function whole(Gallery $gallery, int $status = 200): JsonResponse
    {
        return new JsonResponse([...$this->facts->of($gallery), 'items' => Items::all($gallery)], $status);
    }

    public function of(Gallery $gallery, int $status = 200): JsonResponse
    {
        return new JsonResponse($this->changes($gallery), $status);
    }

    /**
     * @return array<string, mixed>
     */
    public function changes(Gallery $gallery): array
    {
        $shown = request()->input(self::SHOWS);
        $step = $gallery->step;

        return [
            ...$this->facts->of($gallery),
            'from' => $step === null ? $gallery->version : $step->from,
            'items' => $step === null ? [] : Items::changedBy($step),
            'order' => $step?->isRearranged() === true ? $step->order() : null,
            'gone' => $gallery->gone,
            'laid_out' => is_string($shown) ? $this->proofs->of($gallery, $shown) : null,
        ];
    }
}
