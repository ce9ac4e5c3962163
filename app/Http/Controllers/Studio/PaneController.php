<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\PaneRequest;
use App\Http\Requests\PlacePaneRequest;
use App\Http\Requests\SignedIn;
use App\Models\Pane;
use App\Pages\PanesOfSite;
use App\Proofing\PaneFacts;
use Illuminate\Http\JsonResponse;

/** Places of galleries on pages. */
final readonly class PaneController
{
    public function __construct(private PanesOfSite $panes)
    {
    }

    public function show(Pane $pane, PaneFacts $facts): JsonResponse
    {
        return new JsonResponse($facts->of($pane));
    }

    public function store(PlacePaneRequest $request): JsonResponse
    {
        $pane = $this->panes->place($request->gallery(), $request->pageId(), $request->integer('spot'), $request->room(), $request->userId());

        return new JsonResponse(['id' => $pane->id], 201);
    }

    public function update(PaneRequest $request, Pane $pane): JsonResponse
    {
        $this->panes->change($pane, $request->told(), $request->userId());

        return new JsonResponse(null, 204);
    }

    public function destroy(SignedIn $request, Pane $pane): JsonResponse
    {
        $this->panes->remove($pane, $request->userId());

        return new JsonResponse(null, 204);
    }
}
