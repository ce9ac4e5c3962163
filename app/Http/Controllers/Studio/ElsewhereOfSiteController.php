<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Elsewhere\ElsewhereFacts;
use App\Elsewhere\WhoMay;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Whose pages may embed the galleries of the site, and who was refused. */
final readonly class ElsewhereOfSiteController
{
    public function __construct(private ElsewhereFacts $facts, private WhoMay $who)
    {
    }

    public function show(): JsonResponse
    {
        return new JsonResponse($this->facts->ofSite());
    }

    public function update(Request $request): JsonResponse
    {
        $this->who->embedOnSite($request->input('rule'), $request->input('origins', []));

        return new JsonResponse(null, 204);
    }

    /** Which page tells how pictures may be used. */
    public function acquire(Request $request): JsonResponse
    {
        $this->who->acquire($request->input('page_id'));

        return new JsonResponse(null, 204);
    }
}
