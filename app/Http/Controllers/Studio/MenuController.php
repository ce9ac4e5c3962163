<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\MenuRequest;
use App\Pages\PagesOfSite;
use Illuminate\Http\JsonResponse;

/** The order of pages, and the menu that is made of it. */
final class MenuController
{
    public function update(MenuRequest $request, PagesOfSite $pages): JsonResponse
    {
        $pages->order($request->order(), $request->userId());

        return new JsonResponse(null, 204);
    }
}
