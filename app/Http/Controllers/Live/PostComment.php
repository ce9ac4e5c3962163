<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Publishing\PageComments;
use App\Publishing\TakeComment;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A comment of a visitor. No session is begun. */
final class PostComment
{
    public function __invoke(Request $request, string $page, TakeComment $comments): Answer
    {
        $on = $comments->page($page) ?? abort(404);
        $text = static fn (string $field): string => is_string($given = $request->input($field)) ? $given : '';
        // Who fills in what nobody sees is told what everybody is told.
        $refusals = $text(PageComments::TRAP) !== '' ? [] : $comments->take($on, $text('name'), $text('text'), (string) $request->ip());

        return $refusals === []
            ? new RedirectResponse('/'.PageComments::RECEIVED, 303)
            : new Response($comments->again($on, ['name' => $text('name'), 'text' => $text('text')], $refusals), 422, ['Cache-Control' => 'no-store']);
    }
}
