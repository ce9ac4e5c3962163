<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Page;
use App\Pages\FilesOfPage;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a page asks for that was brought in, under the address that the page itself is shown at. */
final readonly class BesidePage
{
    public function __construct(private FilesOfPage $files)
    {
    }

    /**
     * @param  string  $path  below the address that the page is shown at
     * @param  array<string, string>  $headers
     * @return ?Response null where the page itself is asked for
     */
    public function answer(Page $page, string $path, Request $request, array $headers = ['Cache-Control' => 'private, no-cache']): ?Response
    {
        return $path === '' || "/{$path}" === $page->address() ? null : FileAnswer::broughtIn($this->files->find($page, $path) ?? abort(404), $request, $headers, $path);
    }
}
