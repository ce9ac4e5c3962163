<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Models\Page;
use App\Publishing\LiveFiles;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A page of the site as it was put live. */
final readonly class ShowLivePage
{
    public function __construct(private LiveFiles $files)
    {
    }

    public function __invoke(Request $request, string $slug = Page::HOME): Response
    {
        $path = $this->files->find("pages/{$slug}.html");

        return $path === null ? (new ShowBroughtIn($this->files))($request, $slug) : FileAnswer::revalidated($path, $request, Headers::page());
    }
}
