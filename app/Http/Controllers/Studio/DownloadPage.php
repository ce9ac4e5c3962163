<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\DownloadRequest;
use App\Models\Page;
use App\Publishing\PageDownload;
use Illuminate\Http\Response;

/** A page that was brought in, to take along: as one HTML file, or as a ZIP with all that it asks for. */
final class DownloadPage
{
    public function __invoke(DownloadRequest $request, Page $page, PageDownload $download): Response
    {
        abort_unless($page->isBroughtIn(), 404);
        $isZip = $request->string('as')->toString() === 'zip';
        $name = trim((string) preg_replace('~[^A-Za-z0-9.-]+~', '-', $page->slug), '-');
        $name = (string) preg_replace('/\.html?$/', '', $name === '' ? 'page' : $name);

        return new Response($isZip ? $download->zip($page) : $download->html($page), 200, [
            'Content-Type' => $isZip ? 'application/zip' : 'text/html', 'Content-Disposition' => "attachment; filename=\"{$name}.".($isZip ? 'zip' : 'html').'"', 'Cache-Control' => 'private, no-store',
        ]);
    }
}
