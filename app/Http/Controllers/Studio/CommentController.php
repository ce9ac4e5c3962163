<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\CommentRequest;
use App\Models\Comment;
use App\Models\CommentState;
use App\Publishing\TakeComment;
use Illuminate\Http\JsonResponse;

/** What visitors wrote, to be looked at. */
final class CommentController
{
    /** Comments that are told at once. */
    private const MOST = 300;

    public function index(): JsonResponse
    {
        $comments = Comment::query()->with('page')->latest('created_at')->latest('id')->limit(self::MOST)->get()->sortBy(static fn (Comment $comment): int => (int) ($comment->state !== CommentState::Waiting));

        return new JsonResponse(array_values($comments->map(static fn (Comment $comment): array => [
            'id' => $comment->id, 'name' => $comment->name, 'text' => $comment->text, 'at' => $comment->created_at->toIso8601String(), 'state' => $comment->state->value,
            'page' => $comment->page->title, 'address' => $comment->page->address(),
        ])->all()));
    }

    public function update(CommentRequest $request, Comment $comment, TakeComment $comments): JsonResponse
    {
        $comments->judge($comment, $request->state());

        return new JsonResponse(null, 204);
    }

    public function destroy(Comment $comment, TakeComment $comments): JsonResponse
    {
        $comments->delete($comment);

        return new JsonResponse(null, 204);
    }
}
