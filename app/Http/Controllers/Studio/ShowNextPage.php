<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\BesidePage;
use App\Http\Requests\NextRequest;
use App\Models\Page;
use App\Pages\FilesOfPage;
use App\Publishing\ProofPages;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A page as it would be once some galleries and pages were put live; below it what a page asks for that was brought in. */
final class ShowNextPage
{
    public function __invoke(NextRequest $request, Page $page, ProofPages $proofs, FilesOfPage $files, BesidePage $beside, string $path = ''): Answer
    {
        $file = $beside->answer($page, $path, $request);
        if ($file !== null) {
            return $file;
        }
        $html = $proofs->next($page->id, $request->ids('galleries'), $request->ids('pages'));

        return new Response($html ?? '', $html === null ? 404 : 200, ['Cache-Control' => 'private, no-store', ...$files->type($page)]);
    }
}
