<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Intake\TakenIn;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;

/** What became of a file that was sent: a picture, or a batch that is being unpacked. */
final class TakenInResource
{
    public static function of(TakenIn|Batch $outcome): JsonResponse
    {
        return $outcome instanceof Batch
            ? new JsonResponse(['batch' => self::batch($outcome)], 202)
            : new JsonResponse([
                'picture' => $outcome->picture->load('poster')->described(),
                'known' => $outcome->isKnown,
                'notice' => $outcome->notice,
            ], $outcome->isKnown ? 200 : 201);
    }

    /**
     * @return array<string, mixed>
     */
    public static function batch(Batch $batch): array
    {
        return ['id' => $batch->id, 'name' => $batch->name, 'state' => $batch->state, 'total' => $batch->total, 'outcomes' => $batch->outcomes, 'gallery_id' => $batch->gallery_id];
    }
}
