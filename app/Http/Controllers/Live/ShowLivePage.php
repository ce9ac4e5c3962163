<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Http\OpenedPage;
use App\Models\Page;
use App\Publishing\LiveFiles;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A page of the site as it was put live. */
final readonly class ShowLivePage
{
    public function __construct(private LiveFiles $files, private OpenedPage $opened)
    {
    }

    public function __invoke(Request $request, string $slug = Page::HOME): Response
    {
        $path = "pages/{$slug}.html";
        $file = $this->files->find($path);

        return $this->opened->answer($request, $path) ?? ($file === null ? (new ShowBroughtIn($this->files, $this->opened))($request, $slug) : FileAnswer::revalidated($file, $request, Headers::page()));
    }
}
