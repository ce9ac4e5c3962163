<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\FileAnswer;
use App\Publishing\LiveFiles;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Gives a released rendition to anyone, before a session is so much as looked for. */
final readonly class ServeReleasedMedia
{
    public function __construct(private LiveFiles $files)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        [, $key, $file] = $request->segments() + ['', '', ''];
        $path = $this->files->findMedia($key, $file);

        return $path === null ? $next($request) : FileAnswer::forEver($path);
    }
}
