<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Picture;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A picture of the store.
 *
 * @property Picture $resource
 */
final class PictureResource extends JsonResource
{
    public function __construct(Picture $picture)
    {
        parent::__construct($picture);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return self::describe($this->resource);
    }

    /**
     * @return array<string, mixed>
     */
    public static function describe(Picture $picture): array
    {
        return [
            'id' => $picture->id,
            'name' => $picture->name,
            'width' => $picture->width,
            'height' => $picture->height,
            'state' => $picture->state->value,
            'failure' => $picture->failure,
            'thumbnail' => $picture->thumbnail(540),
            'words' => ['title' => $picture->title, 'caption' => $picture->caption, 'alt' => $picture->alt],
        ];
    }
}
