<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\BesidePage;
use App\Http\Requests\PreviewRequest;
use App\Models\Page;
use App\Pages\FilesOfPage;
use App\Publishing\ProofPages;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A page with its panes as they are saved now, and the spots where one more may stand; below it what a page asks for that was brought in. */
final class ShowPagePreview
{
    public function __invoke(PreviewRequest $request, Page $page, ProofPages $proofs, FilesOfPage $files, BesidePage $beside, string $path = ''): Answer
    {
        return $beside->answer($page, $path, $request) ?? new Response($proofs->ofPage($page, $request->galleryId()), 200, ['Cache-Control' => 'private, no-store', ...$files->type($page)]);
    }
}
