<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\OrderGallery;
use App\Http\Requests\OrderRequest;
use App\Http\Resources\GalleryResource;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** Orders that the core knows, first looked at and then kept. */
final class OrderController
{
    public function show(OrderRequest $request, Gallery $gallery, OrderGallery $order): JsonResponse
    {
        return new JsonResponse(['items' => $order->preview($gallery, $request->order())]);
    }

    public function store(OrderRequest $request, Gallery $gallery, OrderGallery $order): GalleryResource
    {
        return GalleryResource::of($order->handle($gallery, $request->integer('version'), $request->order(), $request->userId()));
    }
}
