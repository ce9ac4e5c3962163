<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Access\Look;
use App\Models\Page;
use App\Publishing\ProofPages;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Cookie;

/** A page as it is saved, for whoever was given its address; no session is begun. */
final class ShowLook
{
    public function __invoke(Request $request, Look $look, ProofPages $proofs): Response
    {
        $token = $request->query('t');
        $page = Page::query()->find($look->page($token) ?? '');
        if ($page === null) {
            return new Response('This address was good for two hours, and is over. Ask for another one in the studio.', 403, ['Content-Type' => 'text/plain; charset=utf-8', 'Cache-Control' => 'no-store']);
        }
        $response = new Response($proofs->ofPage($page, null), 200, ['Cache-Control' => 'private, no-store', 'X-Robots-Tag' => 'noindex', 'Referrer-Policy' => 'no-referrer']);
        // By it the pictures of this page are had, and no others.
        $response->headers->setCookie(Cookie::create(Look::COOKIE, is_string($token) ? $token : '', 0, '/media', null, $request->isSecure(), true, true, Cookie::SAMESITE_STRICT));

        return $response;
    }
}
