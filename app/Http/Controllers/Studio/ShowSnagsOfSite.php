<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Proofing\SnagsOfSite;
use Illuminate\Http\JsonResponse;

/** All that visitors of the site would trip over, gallery by gallery. */
final class ShowSnagsOfSite
{
    public function __invoke(SnagsOfSite $snags): JsonResponse
    {
        return new JsonResponse(['galleries' => $snags->all()]);
    }
}
