<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Contract\OpenApi;
use Illuminate\Http\JsonResponse;

/** The description of the API for scripts. */
final class ShowOpenApi
{
    public function __invoke(OpenApi $description): JsonResponse
    {
        return new JsonResponse($description->document(), 200, ['Access-Control-Allow-Origin' => '*', 'Cache-Control' => 'public, max-age=300'], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
