<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Makes answers of the studio small on the line, for browsers that understand it. */
final class CompressAnswers
{
    /** Bytes below which it does not pay. */
    private const SMALL = 1024;

    /** 1 to 9: beyond it, time grows and size hardly shrinks. */
    private const LEVEL = 5;

    private const TYPES = '~^(application/(problem\+)?json|text/(html|css|csv))~';

    /**
     * @param  Closure(Request): Response  $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $isPlain = ! $response instanceof BinaryFileResponse && ! $response instanceof StreamedResponse && ! $response->headers->has('Content-Encoding');
        if (! $isPlain || ! $request->is('studio', 'studio/*') || preg_match(self::TYPES, (string) $response->headers->get('Content-Type')) !== 1) {
            return $response;
        }
        $response->headers->set('Vary', 'Accept-Encoding', false);
        $content = (string) $response->getContent();
        if (strlen($content) < self::SMALL || ! in_array('gzip', $request->getEncodings(), true)) {
            return $response;
        }
        $packed = (string) gzencode($content, self::LEVEL);
        $response->setContent($packed);
        $response->headers->set('Content-Encoding', 'gzip');
        $response->headers->set('Content-Length', (string) strlen($packed));

        return $response;
    }
}
