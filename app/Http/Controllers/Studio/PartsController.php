<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\PartsRequest;
use App\Models\Page;
use App\Pages\PagesOfSite;
use App\Proofing\PartFacts;
use Illuminate\Http\JsonResponse;

/** The words of a page of the site itself. */
final class PartsController
{
    public function show(Page $page, PartFacts $facts): JsonResponse
    {
        return new JsonResponse($facts->of($page));
    }

    public function update(PartsRequest $request, Page $page, PagesOfSite $pages, PartFacts $facts): JsonResponse
    {
        $pages->write($page, $request->input('parts'), $request->string('seen')->toString(), $request->userId());

        return new JsonResponse($facts->of($page->refresh()));
    }
}
