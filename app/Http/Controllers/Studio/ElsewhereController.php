<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Elsewhere\ElsewhereFacts;
use App\Elsewhere\There;
use App\Elsewhere\WhoMay;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A gallery on pages elsewhere: what is copied, how it looks there, and whose pages may have it. */
final readonly class ElsewhereController
{
    public function __construct(private ElsewhereFacts $facts, private WhoMay $who)
    {
    }

    public function show(Request $request, Gallery $gallery): JsonResponse
    {
        return new JsonResponse($this->facts->of($gallery, self::width($request)));
    }

    public function update(Request $request, Gallery $gallery): JsonResponse
    {
        $this->who->embed($gallery, $request->input('rule'), $request->input('origins', []));

        return new JsonResponse(null, 204);
    }

    public function page(Request $request, Gallery $gallery, There $there): Response
    {
        $page = $there->page($gallery, $request->string('kind')->toString(), $request->string('host')->toString(), self::width($request));

        return new Response($page ?? abort(404), 200, ['Cache-Control' => 'private, no-store']);
    }

    public function frame(Gallery $gallery, There $there): Response
    {
        return new Response($there->frame($gallery), 200, ['Cache-Control' => 'private, no-store']);
    }

    private static function width(Request $request): int
    {
        return max(0, min(4000, $request->integer('width')));
    }
}
