<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Page;
use App\Models\Pane;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A page of the site with its menu entry and panes.
 *
 * @property Page $resource
 */
final class PageResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'title' => $this->resource->title,
            'address' => $this->resource->address(),
            'menu_label' => $this->resource->menu_label,
            'panes' => $this->resource->panes->map(static fn (Pane $pane): array => [
                'id' => $pane->id,
                'gallery_id' => $pane->gallery_id,
                'gallery' => $pane->gallery->title,
                'spot' => $pane->spot,
                'tile_size' => $pane->tile_size,
            ])->values(),
        ];
    }
}
