<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Models\Site;
use Illuminate\Http\Response;

/** The site's style sheet, for proofs. */
final class ShowSiteStyle
{
    public function __invoke(): Response
    {
        return new Response(Site::query()->firstOrFail()->stylesheet, 200, ['Content-Type' => 'text/css; charset=utf-8', 'Cache-Control' => 'private, no-cache']);
    }
}
