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
        $path = $this->files->findMedia((string) $request->segment(2), (string) $request->segment(3));

        return $path === null ? $next($request) : FileAnswer::forEver($path);
    }
}
