<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\PreviewTidying;
use App\Http\Requests\TidyPreviewRequest;
use App\Models\Picture;
use Illuminate\Http\Response;

/** What a recipe would make of a picture. */
final class ShowTidied
{
    public function __invoke(TidyPreviewRequest $request, Picture $picture, PreviewTidying $preview): Response
    {
        return new Response($preview->handle($picture, $request->recipe()), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=3600']);
    }
}
