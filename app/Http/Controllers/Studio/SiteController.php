<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\SignedIn;
use App\Pages\SiteJournal;
use App\Proofing\SiteFacts;
use Illuminate\Http\JsonResponse;

/** The site as a whole, and steps back and forth through what was done to its pages. */
final readonly class SiteController
{
    public function __construct(private SiteJournal $journal, private SiteFacts $facts)
    {
    }

    public function show(SignedIn $request): JsonResponse
    {
        return new JsonResponse($this->facts->whole($request->userId()));
    }

    public function undo(SignedIn $request): JsonResponse
    {
        $this->journal->undo($request->has('entry') ? $request->integer('entry') : null, $request->userId());

        return new JsonResponse(null, 204);
    }

    public function redo(): JsonResponse
    {
        $this->journal->redo();

        return new JsonResponse(null, 204);
    }
}
