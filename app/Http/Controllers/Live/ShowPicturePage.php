<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Publishing\LiveFiles;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The page of one picture, as it was put live with its gallery. */
final readonly class ShowPicturePage
{
    public function __construct(private LiveFiles $files)
    {
    }

    public function __invoke(Request $request, string $gallery, string $item): Response
    {
        return FileAnswer::revalidated($this->files->find("pictures/{$gallery}/{$item}.html") ?? abort(404), $request, Headers::page());
    }
}
