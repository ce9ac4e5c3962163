<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Picture;

/** Pictures of the store in a long list: only what the list shows. */
final class StoredPictureResource
{
    /** px of width that a thumbnail needs. */
    private const SMALL = 240;

    private const COLUMNS = ['id', 'kind', 'name', 'title', 'width', 'height', 'rendition_key', 'renditions', 'state', 'alt', 'decorative', 'poster_id', 'focal_sure'];

    /**
     * @param  array<array-key, string>  $ids  in the order wanted
     * @return list<array<string, mixed>>
     */
    public static function some(array $ids): array
    {
        $pictures = Picture::query()->select(self::COLUMNS)->whereIn('id', $ids)->with('poster')->withCount('items')->get();
        $places = array_flip(array_values($ids));

        return array_values($pictures->sortBy(static fn (Picture $picture): int => $places[$picture->id])->map(static fn (Picture $picture): array => [
            'id' => $picture->id,
            'kind' => $picture->kind->value,
            'name' => $picture->name,
            'title' => $picture->title,
            'width' => $picture->width,
            'height' => $picture->height,
            'thumbnail' => $picture->thumbnail(self::SMALL),
            'state' => $picture->state->value,
            'focal_sure' => $picture->focal_sure,
            'described' => $picture->words()->isDescribed(),
            'uses' => $picture->items_count ?? 0,
        ])->all());
    }
}
