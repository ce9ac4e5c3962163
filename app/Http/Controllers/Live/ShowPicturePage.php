<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Http\OpenedPage;
use App\Models\Gallery;
use App\Publishing\LiveFiles;
use App\Publishing\LockedPages;
use App\Serving\Headers;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The page of one picture, as it was put live with its gallery. */
final readonly class ShowPicturePage
{
    public function __construct(private LiveFiles $files, private OpenedPage $opened)
    {
    }

    public function __invoke(Request $request, string $gallery, string $item): Response
    {
        $path = "pictures/{$gallery}/{$item}.html";
        $file = $this->files->find($path);

        return $file === null ? $this->locked($request, $path, $gallery) : FileAnswer::revalidated($file, $request, Headers::page());
    }

    /** Of a gallery that is locked: for who has opened it; others are asked for the password. */
    private function locked(Request $request, string $path, string $key): Response
    {
        $locked = Gallery::query()->where('id', 'like', "%{$key}")->whereNotNull('lock_hash')->first() ?? abort(404);

        return $this->opened->whole($request, $path, $locked->id)
            ?? new RedirectResponse('/'.LockedPages::PATH."/{$locked->id}?".http_build_query(['back' => "/{$request->path()}"]), 302, ['Cache-Control' => 'no-store']);
    }
}
