<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Picture;
use App\Models\PictureKind;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use ZincPane\Core\Colour\Swatch;

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
            ...self::describe($picture),
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
            'colours' => array_map(static fn (Swatch $swatch): string => $swatch->colour->toHex(), $picture->palette()->swatches),
            'file' => $picture->kind === PictureKind::Video ? $picture->address().'/'.$picture->videoFile() : null,
        ];
    }

    /**
     * What every screen shows of it.
     *
     * @return array<string, mixed>
     */
    public static function describe(Picture $picture): array
    {
        $size = $picture->size();
        $focal = $picture->focal();

        return [
            'id' => $picture->id,
            'kind' => $picture->kind->value,
            'name' => $picture->name,
            'width' => $size->width,
            'height' => $size->height,
            'state' => $picture->state->value,
            'failure' => $picture->failure,
            'thumbnail' => $picture->thumbnail(540),
            'focal' => [round($focal->x, 4), round($focal->y, 4)],
            'words' => $picture->words()->toArray(),
        ];
    }
}
