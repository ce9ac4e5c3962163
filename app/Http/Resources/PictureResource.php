<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Picture;
use App\Models\PictureKind;
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
        $picture = $this->resource;

        return [
            ...$picture->described(),
            'recipe' => $picture->recipe()->toArray(),
            'original' => [$picture->original_width, $picture->original_height],
            'focal_by' => $picture->focal_by,
            'keywords' => $picture->keywords,
            'camera' => $picture->camera,
            'rights' => $picture->rights,
            'licence' => $picture->licence,
            'source' => $picture->source,
            'taken_at' => $picture->taken_at?->toIso8601String(),
            'bytes' => $picture->bytes,
            'seconds' => $picture->seconds,
            'offline' => $picture->offline_at !== null,
            'colours' => $picture->colourNames(),
            'file' => $picture->kind === PictureKind::Video ? $picture->address().'/'.$picture->videoFile() : null,
        ];
    }
}
