<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * All that drawing a gallery needs of its items and their pictures, in one question. A proof is made with
 * every step of a slider: as models, a thousand pictures take longer to fetch than to draw.
 */
final readonly class ItemRows
{
    private const PICTURE = ['kind', 'media_type', 'title', 'caption', 'description', 'alt', 'link', 'credit', 'decorative', 'name', 'camera', 'taken_at', 'lens', 'exposure', 'place', 'rights', 'licence', 'track', 'offline_at', 'hash', 'tells_place'];

    private const FACE = ['id', 'rendition_key', 'width', 'height', 'original_width', 'original_height', 'focal_x', 'focal_y', 'recipe', 'colour', 'renditions', 'state', 'has_alpha', 'is_moving', 'offline_at', 'failure', 'look'];

    /**
     * @param  list<ItemRow>  $all  in order
     * @param  string  $mark  another one whenever something of them is
     */
    private function __construct(public array $all, public string $mark)
    {
    }

    public static function of(string $galleryId): self
    {
        $select = [
            ...array_map(static fn (string $column): string => "i.{$column} as i_{$column}", GalleryItem::OF_CORE),
            ...array_map(static fn (string $column): string => "p.{$column} as p_{$column}", self::PICTURE),
            'p.rendition_key as p_rendition_key',
            // Of a video, the picture that stands for it.
            ...array_map(static fn (string $column): string => "f.{$column} as f_{$column}", self::FACE),
        ];
        $rows = DB::table('gallery_items as i')->where('i.gallery_id', $galleryId)
            ->leftJoin('pictures as p', 'p.id', '=', 'i.picture_id')
            ->leftJoin('pictures as f', static fn (JoinClause $join) => $join->on('f.id', '=', DB::raw("case when p.kind = 'video' then p.poster_id else p.id end")))
            ->orderBy('i.position')->get($select)->all();

        return new self(array_map(static fn (stdClass $row): ItemRow => new ItemRow((array) $row), array_values($rows)), hash('xxh128', serialize($rows)));
    }
}
