<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Intake\TakenIn;
use App\Models\Pile;
use Illuminate\Http\JsonResponse;

/** What became of a file that was sent: a picture, or a pile that is being unpacked. */
final class TakenInResource
{
    public static function of(TakenIn|Pile $outcome): JsonResponse
    {
        return $outcome instanceof Pile
            ? new JsonResponse(['pile' => self::pile($outcome)], 202)
            : new JsonResponse([
                'picture' => PictureResource::describe($outcome->picture->load('poster')),
                'known' => $outcome->isKnown,
                'notice' => $outcome->notice,
            ], $outcome->isKnown ? 200 : 201);
    }

    /**
     * @return array<string, mixed>
     */
    public static function pile(Pile $pile): array
    {
        return ['id' => $pile->id, 'name' => $pile->name, 'state' => $pile->state, 'total' => $pile->total, 'outcomes' => $pile->outcomes];
    }
}
