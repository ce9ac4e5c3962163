<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\SecurityLog;
use App\Http\Requests\ChangePageRequest;
use App\Http\Requests\NewPageRequest;
use App\Http\Requests\SignedIn;
use App\Models\Page;
use App\Models\SecurityKind;
use App\Pages\PagesOfSite;
use App\Proofing\SiteFacts;
use Illuminate\Http\JsonResponse;

/** Pages of the site. */
final readonly class PageController
{
    public function __construct(private PagesOfSite $pages, private SiteFacts $facts)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse($this->facts->pages());
    }

    public function store(NewPageRequest $request): JsonResponse
    {
        return new JsonResponse(['id' => $this->pages->create($request->told(), $request->userId())->id], 201);
    }

    public function update(ChangePageRequest $request, Page $page): JsonResponse
    {
        $this->pages->change($page, $request->told(), $request->userId());

        return new JsonResponse(null, 204);
    }

    public function destroy(SignedIn $request, Page $page, SecurityLog $log): JsonResponse
    {
        $this->pages->remove($page, $request->userId());
        $log->note(SecurityKind::Deleted, "Took the page “{$page->title}” off.");

        return new JsonResponse(null, 204);
    }
}
