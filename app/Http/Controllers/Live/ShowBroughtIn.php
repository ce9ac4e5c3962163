<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Publishing\BroughtInPages;
use App\Publishing\LiveFiles;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A page that was brought in, or what it asks for, under the path that it had. */
final readonly class ShowBroughtIn
{
    public function __construct(private LiveFiles $files)
    {
    }

    public function __invoke(Request $request, string $brought): Response
    {
        $under = BroughtInPages::FOLDER.'/'.$brought;
        // As the web server looks: the very file, a page without its ending, the first page of a folder.
        $file = $this->files->find($under) ?? $this->files->find("{$under}.html") ?? $this->files->find(rtrim($under, '/').'/index.html') ?? abort(404);

        return FileAnswer::broughtIn($file, $request, Headers::page());
    }
}
