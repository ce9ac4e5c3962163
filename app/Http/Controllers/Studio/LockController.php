<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Elsewhere\WhoMay;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The password of a gallery; it is told to nobody, and only replaced. */
final readonly class LockController
{
    public function __construct(private WhoMay $who)
    {
    }

    public function update(Request $request, Gallery $gallery): JsonResponse
    {
        $this->who->lock($gallery, $request->input('password'), $request->input('hours'));

        return new JsonResponse(null, 204);
    }

    public function destroy(Gallery $gallery): JsonResponse
    {
        $this->who->unlock($gallery);

        return new JsonResponse(null, 204);
    }
}
