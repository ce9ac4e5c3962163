<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Pane;
use App\Models\Site;
use App\Models\SiteEntry;

/** Changes whenever something of a gallery, its pictures or its places does; cheap to tell. */
final class GalleryStamp
{
    public static function of(Gallery $gallery): string
    {
        $pictures = GalleryItem::query()->toBase()->join('pictures', 'pictures.id', '=', 'gallery_items.picture_id')
            ->where('gallery_id', $gallery->id)
            ->selectRaw('count(*) as n, max(pictures.updated_at) as latest, total(length(pictures.renditions)) as files')->first();
        $panes = Pane::query()->toBase()->where('gallery_id', $gallery->id)->selectRaw('count(*) as n, max(updated_at) as latest')->first();

        return substr(hash('sha256', json_encode([$gallery->version, $gallery->edition_id, $pictures, $panes, Site::query()->value('build'), SiteEntry::query()->toBase()->selectRaw('max(id) as latest, total(state = ?) as done', [EntryState::Done->value])->first()], JSON_THROW_ON_ERROR)), 0, 16);
    }
}
