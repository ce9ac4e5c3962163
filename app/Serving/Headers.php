<?php

declare(strict_types=1);

namespace App\Serving;

use App\Publishing\VisitorScript;

/** Headers that answers bear; PHP and the web server send the same. */
final class Headers
{
    /** A year, in seconds (RFC 6797). Sent only where the answer goes by TLS. */
    public const HSTS = 'max-age=31536000';

    private const COMMON = [
        'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'strict-origin-when-cross-origin',
    ];

    /** Of whole documents: what nothing here needs is off, and no other window reaches in. */
    private const DOCUMENT = [
        'Permissions-Policy' => 'camera=(), geolocation=(), microphone=(), payment=(), usb=()',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'X-Frame-Options' => 'SAMEORIGIN',
    ];

    /** The page of a gallery by itself may be framed, also by pages that let in only who says so (https://html.spec.whatwg.org/#coep). */
    private const FRAMED = [
        'Permissions-Policy' => 'camera=(), geolocation=(), microphone=(), payment=(), usb=()',
        'Cross-Origin-Resource-Policy' => 'cross-origin',
        'Cross-Origin-Embedder-Policy' => 'require-corp',
    ];

    /** Pages of visitors run the scripts that were put live with them; styles of galleries stand in the page. */
    private const PAGE_POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'self'; object-src 'none'; base-uri 'none'; form-action 'self'";

    /** The studio runs its own scripts only; Element Plus sets styles from script. */
    private const STUDIO_POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; media-src 'self' blob:; frame-ancestors 'self'; object-src 'none'; base-uri 'none'; form-action 'self'";

    /** Proofs are pages of the site inside the studio's origin: of them only the visitors' own script may run, allowed by its hash, and nothing leads elsewhere. */
    private const PROOF_POLICY = "default-src 'self'; script-src %s; style-src 'self' 'unsafe-inline'; img-src 'self' data:; media-src 'self'; frame-ancestors 'self'; object-src 'none'; base-uri 'none'; form-action 'none'; sandbox allow-same-origin allow-scripts";

    /**
     * @return array<string, string> of a page of visitors: asked for again each time
     */
    public static function page(): array
    {
        return ['Cache-Control' => 'public, no-cache', ...self::COMMON, ...self::DOCUMENT, 'Content-Security-Policy' => self::PAGE_POLICY];
    }

    /**
     * @return array<string, string> of a file under an address that never changes meaning, for any site
     */
    public static function forEver(): array
    {
        return ['Cache-Control' => 'public, max-age=31536000, immutable', ...self::open()];
    }

    /**
     * @return array<string, string> of what embeds fetch: asked for again each time, for any site
     */
    public static function embed(): array
    {
        return ['Cache-Control' => 'public, no-cache', ...self::open()];
    }

    /**
     * @param  string  $ancestors  whose pages may be around it, as a policy says it
     * @return array<string, string> of the page of a gallery by itself
     */
    public static function frame(string $ancestors): array
    {
        return ['Cache-Control' => 'public, no-cache', ...self::COMMON, ...self::FRAMED, 'Content-Security-Policy' => str_replace("frame-ancestors 'self'", "frame-ancestors {$ancestors}", self::PAGE_POLICY)];
    }

    /**
     * @param  string  $origin  of the one site that may read it
     * @return array<string, string> of what an embed fetches that is not for everybody
     */
    public static function guardedEmbed(string $origin): array
    {
        return [...self::embed(), 'Cache-Control' => 'private, no-cache', 'Access-Control-Allow-Origin' => $origin, 'Vary' => 'Origin'];
    }

    /**
     * @return array<string, string> of a screen or an answer of the studio
     */
    public static function studio(): array
    {
        return [...self::COMMON, ...self::DOCUMENT, 'Content-Security-Policy' => self::STUDIO_POLICY];
    }

    /**
     * @param  ?VisitorScript  $script  that may run; none where it is null
     * @return array<string, string> of a page of the site shown inside the studio
     */
    public static function proof(?VisitorScript $script): array
    {
        $allowed = $script === null ? "'none'" : implode(' ', array_map(static fn (VisitorScript $part): string => $part->hash(), $script->parts()));

        return [...self::COMMON, ...self::DOCUMENT, 'Content-Security-Policy' => sprintf(self::PROOF_POLICY, $allowed)];
    }

    /**
     * @return array<string, string>
     */
    private static function open(): array
    {
        return [...self::COMMON, 'Access-Control-Allow-Origin' => '*', 'Cross-Origin-Resource-Policy' => 'cross-origin'];
    }
}
