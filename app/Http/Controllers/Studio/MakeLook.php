<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\Look;
use App\Http\Requests\LookRequest;
use App\Models\Page;
use App\Serving\Hosts;
use Illuminate\Http\JsonResponse;

/** An address to look at a page by, on a phone: as it is saved, or as it is live. */
final class MakeLook
{
    public function __invoke(LookRequest $request, Page $page, Look $look): JsonResponse
    {
        $until = $look->until();
        $host = Hosts::nearby() ?? Hosts::origin();
        $address = $request->string('of')->toString() === 'live' ? $host.$page->address() : "{$host}/look/".$look->token($page->id, $until->getTimestamp()).($page->isBroughtIn() ? $page->address() : '');

        return new JsonResponse(['address' => $address, 'until' => $until->toIso8601String(), 'reachable' => Hosts::nearby() !== null]);
    }
}
