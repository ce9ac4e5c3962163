<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\OrderGallery;
use App\Http\GalleryAnswer;
use App\Http\Requests\OrderRequest;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** Orders that the core knows, first looked at and then kept. */
final class OrderController
{
    public function show(OrderRequest $request, Gallery $gallery, OrderGallery $order): JsonResponse
    {
        return new JsonResponse(['items' => $order->preview($gallery, $request->by(), $request->seed())]);
    }

    public function store(OrderRequest $request, Gallery $gallery, OrderGallery $order, GalleryAnswer $answer): JsonResponse
    {
        return $answer->of($order->handle($gallery, $request->integer('version'), $request->by(), $request->seed(), $request->userId()));
    }
}
