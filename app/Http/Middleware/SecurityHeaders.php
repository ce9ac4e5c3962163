<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Headers that every answer bears. */
final class SecurityHeaders
{
    /** The studio runs its own scripts only; Element Plus sets styles from script. */
    private const STUDIO_POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; media-src 'self' blob:; frame-ancestors 'self'; object-src 'none'; base-uri 'none'; form-action 'self'";

    /** Proofs are pages of the site inside the studio's origin: nothing of them may run, or lead elsewhere. */
    private const PROOF_POLICY = "default-src 'self'; script-src 'none'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'self'; object-src 'none'; base-uri 'none'; form-action 'none'";

    /**
     * @param  Closure(Request): Response  $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'strict-origin-when-cross-origin');
        if ($request->is('studio', 'studio/*')) {
            $isProof = $request->is('studio/proof/*', 'studio/preview/*');
            $response->headers->set('Content-Security-Policy', $isProof ? self::PROOF_POLICY : self::STUDIO_POLICY);
            $response->headers->set('X-Frame-Options', 'SAMEORIGIN');
        }

        return $response;
    }
}
