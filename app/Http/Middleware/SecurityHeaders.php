<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Publishing\VisitorScript;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Headers that every answer bears. */
final class SecurityHeaders
{
    /** The studio runs its own scripts only; Element Plus sets styles from script. */
    private const STUDIO_POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; media-src 'self' blob:; frame-ancestors 'self'; object-src 'none'; base-uri 'none'; form-action 'self'";

    /** Proofs are pages of the site inside the studio's origin: of them only the visitors' own script may run, allowed by its hash, and nothing leads elsewhere. */
    private const PROOF_POLICY = "default-src 'self'; script-src %s; style-src 'self' 'unsafe-inline'; img-src 'self' data:; media-src 'self'; frame-ancestors 'self'; object-src 'none'; base-uri 'none'; form-action 'none'; sandbox allow-same-origin allow-scripts";

    public function __construct(private readonly VisitorScript $script)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'strict-origin-when-cross-origin');
        if ($request->is('studio', 'studio/*')) {
            $response->headers->set('Content-Security-Policy', match (true) {
                $request->is('studio/proof/*') => sprintf(self::PROOF_POLICY, $this->script->hash().' '.$this->script->viewer()->hash().' '.$this->script->arrival()->hash()),
                $request->is('studio/preview/*') => sprintf(self::PROOF_POLICY, "'none'"),
                default => self::STUDIO_POLICY,
            });
            $response->headers->set('X-Frame-Options', 'SAMEORIGIN');
        }

        return $response;
    }
}
