<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\GalleryItem;
use App\Models\Picture;
use App\Models\Site;

/** Which pictures a page shows as it is saved. */
final readonly class PicturesOfPage
{
    public function __construct(private Contents $contents)
    {
    }

    public function shows(string $pageId, Picture $picture): bool
    {
        $saved = Site::whole()->asSaved();
        $page = $saved->pages[$pageId] ?? null;
        if ($page === null) {
            return false;
        }
        $galleries = array_map(static fn ($pane): string => $pane->gallery, $saved->panesOn($page));
        $ids = [$picture->id, ...$picture->posterOf()->pluck('id')->all()];

        return in_array($picture->id, $this->contents->parts($page)?->pictures() ?? [], true)
            || GalleryItem::query()->whereIn('gallery_id', $galleries)->whereIn('picture_id', $ids)->where('is_hidden', false)->exists();
    }
}
