<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\PreviewRequest;
use App\Models\Page;
use App\Publishing\ProofPages;
use Illuminate\Http\Response;

/** A page with its panes as they are saved now, and the spots where one more may stand. */
final class ShowPagePreview
{
    public function __invoke(PreviewRequest $request, Page $page, ProofPages $proofs): Response
    {
        return new Response($proofs->ofPage($page, $request->galleryId()), 200, ['Cache-Control' => 'private, no-store']);
    }
}
