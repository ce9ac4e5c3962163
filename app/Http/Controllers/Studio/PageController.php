<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\ChangePageRequest;
use App\Http\Resources\PageResource;
use App\Models\Page;
use App\Models\Site;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** Pages of the site. */
final class PageController
{
    public function index(): AnonymousResourceCollection
    {
        return PageResource::collection(Site::query()->with('pages.panes.gallery')->firstOrFail()->pages);
    }

    public function update(ChangePageRequest $request, Page $page): PageResource
    {
        $page->update(['menu_label' => $request->validated('menu_label')]);

        return new PageResource($page->load('panes.gallery'));
    }
}
