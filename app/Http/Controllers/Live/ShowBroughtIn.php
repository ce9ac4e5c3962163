<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Http\OpenedPage;
use App\Publishing\BroughtInPages;
use App\Publishing\LiveFiles;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A page that was brought in, or what it asks for, under the path that it had. */
final readonly class ShowBroughtIn
{
    public function __construct(private LiveFiles $files, private OpenedPage $opened)
    {
    }

    public function __invoke(Request $request, string $brought): Response
    {
        $under = BroughtInPages::FOLDER.'/'.$brought;
        // As the web server looks: the very file, a page without its ending, the first page of a folder.
        foreach ([$under, "{$under}.html", rtrim($under, '/').'/index.html'] as $path) {
            $file = $this->files->find($path);
            if ($file !== null) {
                $answer = FileAnswer::broughtIn($file, $request, Headers::page());

                return $this->opened->answer($request, $path, (string) $answer->headers->get('Content-Type')) ?? $answer;
            }
        }
        abort(404);
    }
}
