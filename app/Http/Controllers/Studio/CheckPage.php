<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Elsewhere\ElsewhereFacts;
use App\Elsewhere\EmbedCheck;
use App\Http\Requests\HtmlRequest;
use Illuminate\Http\JsonResponse;

/** Looks at the HTML of a page elsewhere for galleries of this site. */
final class CheckPage
{
    public function __invoke(HtmlRequest $request, EmbedCheck $check): JsonResponse
    {
        return new JsonResponse(['findings' => ElsewhereFacts::findings($check->of($request->html()))]);
    }
}
