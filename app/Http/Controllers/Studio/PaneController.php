<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\OwnIds;
use App\Actions\ResizePane;
use App\Http\Requests\PaneSizeRequest;
use App\Http\Requests\PlacePaneRequest;
use App\Models\Pane;
use Illuminate\Http\JsonResponse;

/** Placements of galleries on pages. */
final class PaneController
{
    public function store(PlacePaneRequest $request, OwnIds $ids): JsonResponse
    {
        $ids->refusePlacing($request->gallery(), $request->page());
        $pane = Pane::query()->create($request->validated());

        return new JsonResponse(['id' => $pane->id], 201);
    }

    public function update(PaneSizeRequest $request, Pane $pane, ResizePane $resize): JsonResponse
    {
        $resize->handle($pane, $request->input('tile_size'));

        return new JsonResponse(null, 204);
    }

    public function destroy(Pane $pane): JsonResponse
    {
        $pane->delete();

        return new JsonResponse(null, 204);
    }
}
