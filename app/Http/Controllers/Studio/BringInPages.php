<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\BringInRequest;
use App\Pages\BringIn;
use Illuminate\Http\JsonResponse;

/** Brings in pages from outside. */
final class BringInPages
{
    public function __invoke(BringInRequest $request, BringIn $bring): JsonResponse
    {
        $file = $request->upload();

        return new JsonResponse($bring->handle($file->getPathname(), $file->getClientOriginalName(), $request->string('under')->toString(), $request->userId()), 201);
    }
}
