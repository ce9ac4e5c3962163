<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Access\Opening;
use App\Models\Gallery;
use App\Models\Site;
use App\Publishing\LockedPages;
use App\Publishing\SheetOfSite;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Asks visitors for the password of a locked gallery, and lets them in. No session is begun. */
final readonly class UnlockGallery
{
    public function __construct(private Opening $opening)
    {
    }

    public function show(Request $request, string $gallery): Answer
    {
        return self::ask($gallery, self::back($request), '', 200);
    }

    public function store(Request $request, string $gallery): Answer
    {
        $text = $request->input('password');
        $cookie = $this->opening->open(Gallery::query()->find($gallery), is_string($text) ? $text : '', $request->cookie(Opening::COOKIE));
        if ($cookie === null) {
            return self::ask($gallery, self::back($request), Site::query()->firstOrFail()->phrases()->say('locked_wrong'), 422);
        }
        $answer = new RedirectResponse(self::back($request), 303, ['Cache-Control' => 'no-store']);
        $answer->headers->setCookie(Cookie::create(Opening::COOKIE, $cookie, now()->addSeconds($this->opening->seconds($cookie)), '/', null, $request->isSecure(), true, true, Cookie::SAMESITE_LAX));

        return $answer;
    }

    /** The form again, for whoever tries too often. */
    public static function heldUp(Request $request): Answer
    {
        $gallery = $request->route('gallery');

        return self::ask(is_string($gallery) ? $gallery : '', self::back($request), Site::query()->firstOrFail()->phrases()->say('locked_many'), 429);
    }

    private static function ask(string $gallery, string $back, string $refusal, int $status): Response
    {
        $site = Site::query()->firstOrFail();

        return new Response(SheetOfSite::compose($site, LockedPages::page($site, $gallery, $back, $refusal)), $status, ['Content-Type' => 'text/html; charset=utf-8', 'Cache-Control' => 'no-store']);
    }

    /** A page of this site, and no other address. */
    private static function back(Request $request): string
    {
        $back = $request->input('back');

        return is_string($back) && preg_match('~^/(?:[A-Za-z0-9._-]+(?:/[A-Za-z0-9._-]+)*)?$~D', $back) === 1 ? $back : '/';
    }
}
