<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Access\Look;
use App\Http\BesidePage;
use App\Models\Page;
use App\Pages\FilesOfPage;
use App\Publishing\ProofPages;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A page as it is saved, for whoever was given its address, and what it asks for; no session is begun. */
final class ShowLook
{
    /** Kept nowhere, found by no search, and the address told to nobody. */
    private const HEADERS = ['Cache-Control' => 'private, no-store', 'X-Robots-Tag' => 'noindex', 'Referrer-Policy' => 'no-referrer'];

    public function __invoke(Request $request, Look $look, ProofPages $proofs, FilesOfPage $files, BesidePage $beside, string $token, string $path = ''): Answer
    {
        $page = Page::query()->find($look->page($token) ?? '');
        if ($page === null) {
            return new Response('This address was good for two hours, and is over. Ask for another one in the studio.', 403, ['Content-Type' => 'text/plain; charset=utf-8', ...self::HEADERS]);
        }
        $file = $beside->answer($page, $path, $request, self::HEADERS);
        if ($file !== null) {
            return $file;
        }
        $response = new Response($proofs->look($page), 200, [...self::HEADERS, ...$files->type($page)]);
        // By it the pictures of this page are had, and no others.
        $response->headers->setCookie(Cookie::create(Look::COOKIE, $token, 0, '/media', null, $request->isSecure(), true, true, Cookie::SAMESITE_STRICT));

        return $response;
    }
}
