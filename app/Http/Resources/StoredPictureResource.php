<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Picture;
use Illuminate\Database\Eloquent\Builder;

/** Pictures of the store in a long list: only what the list shows. */
final class StoredPictureResource
{
    /** px of width that a thumbnail needs. */
    private const SMALL = 240;

    /**
     * @param  Builder<Picture>  $query
     * @return list<array<string, mixed>>
     */
    public static function some(Builder $query): array
    {
        $pictures = $query->with('poster')->withCount('items')->get();

        return array_values($pictures->map(static fn (Picture $picture): array => [
            'id' => $picture->id,
            'kind' => $picture->kind->value,
            'name' => $picture->name,
            'title' => $picture->title,
            'width' => $picture->width,
            'height' => $picture->height,
            'thumbnail' => $picture->thumbnail(self::SMALL),
            'state' => $picture->state->value,
            'described' => $picture->words()->isDescribed(),
            'uses' => (int) $picture->getAttribute('items_count'),
        ])->all());
    }
}
