<?php

declare(strict_types=1);

namespace App\Http;

use App\Access\Opening;
use App\Publishing\LivePages;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A page with what this visitor has the password of; kept by nothing between. */
final readonly class OpenedPage
{
    public function __construct(private Opening $opening, private LivePages $pages)
    {
    }

    /**
     * @param  string  $path  in a build
     * @param  string  $type  of the page that it is
     */
    public function answer(Request $request, string $path, string $type = 'text/html; charset=utf-8'): ?Response
    {
        $page = $this->pages->opened($path, $this->opened($request));

        return $page === null ? null : self::sent($page, $type);
    }

    /** A page that is of one locked gallery as a whole. */
    public function whole(Request $request, string $path, string $galleryId): ?Response
    {
        $page = in_array($galleryId, $this->opened($request), true) ? $this->pages->kept($path) : null;

        return $page === null ? null : self::sent($page, 'text/html; charset=utf-8');
    }

    /**
     * @return list<string> galleries
     */
    private function opened(Request $request): array
    {
        return $this->opening->opened($request->cookie(Opening::COOKIE));
    }

    private static function sent(string $page, string $type): Response
    {
        return new Response($page, 200, [...Headers::page(), 'Content-Type' => $type, 'Cache-Control' => 'private, no-store']);
    }
}
