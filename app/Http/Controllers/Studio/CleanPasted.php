<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Elsewhere\EditorAnswer;
use App\Http\Requests\HtmlRequest;
use Illuminate\Http\JsonResponse;

/** What a strict editor leaves of what is pasted into it. */
final class CleanPasted
{
    public function __invoke(HtmlRequest $request, EditorAnswer $editor): JsonResponse
    {
        return new JsonResponse($editor->to($request->html(), $request->string('strength')->toString()) ?? abort(404));
    }
}
