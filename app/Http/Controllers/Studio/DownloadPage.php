<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\FileOnce;
use App\Http\Requests\DownloadRequest;
use App\Models\Page;
use App\Publishing\PageDownload;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A page that was brought in, to take along: as one HTML file, or as a ZIP with all that it asks for. */
final class DownloadPage
{
    public function __invoke(DownloadRequest $request, Page $page, PageDownload $download): Answer
    {
        abort_unless($page->isBroughtIn(), 404);
        $isZip = $request->string('as')->toString() === 'zip';
        $name = trim((string) preg_replace('~[^A-Za-z0-9.-]+~', '-', $page->slug), '-');
        $name = (string) preg_replace('/\.html?$/', '', $name === '' ? 'page' : $name);

        return $isZip
            ? FileOnce::of("{$name}.zip", 'application/zip', static fn (string $path) => $download->zip($page, $path))
            : new Response($download->html($page), 200, ['Content-Type' => 'text/html', 'Content-Disposition' => "attachment; filename=\"{$name}.html\"", 'Cache-Control' => 'private, no-store']);
    }
}
