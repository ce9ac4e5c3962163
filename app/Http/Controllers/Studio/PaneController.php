<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\PlacePaneRequest;
use App\Models\Pane;
use Illuminate\Http\JsonResponse;

/** Placements of galleries on pages. */
final class PaneController
{
    public function store(PlacePaneRequest $request): JsonResponse
    {
        $pane = Pane::query()->create($request->validated());

        return new JsonResponse(['id' => $pane->id], 201);
    }

    public function destroy(Pane $pane): JsonResponse
    {
        $pane->delete();

        return new JsonResponse(null, 204);
    }
}
