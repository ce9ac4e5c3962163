<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\LookAlikeGroups;
use App\Http\Resources\StoredPictureResource;
use Illuminate\Http\JsonResponse;

/** Pictures of the store that look much alike, in groups of which one is to be kept. */
final class ShowLookAlikes
{
    public function __invoke(LookAlikeGroups $groups): JsonResponse
    {
        return new JsonResponse(['groups' => array_map(
            static fn (array $ids): array => StoredPictureResource::some($ids),
            $groups->find(),
        )]);
    }
}
