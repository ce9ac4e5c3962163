<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Publishing\VisitorScript;
use App\Serving\Headers;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Headers that every answer bears which has none of its own kind. */
final class SecurityHeaders
{
    public function __construct(private readonly VisitorScript $script)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $headers = match (true) {
            $request->is('studio/proof/*', 'studio/there/*', 'look/*') => Headers::proof($this->script),
            $request->is('studio/preview/*', 'studio/next/*', 'studio/edition/*') => Headers::proof(null),
            $request->is('studio', 'studio/*') => Headers::studio(),
            $response->headers->has('Access-Control-Allow-Origin'), $response->headers->has('Cross-Origin-Embedder-Policy') => [],
            default => Headers::page(),
        };
        foreach ($headers as $name => $value) {
            if ($name !== 'Cache-Control') {
                $response->headers->set($name, $value);
            }
        }
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', Headers::HSTS);
        }

        return $response;
    }
}
