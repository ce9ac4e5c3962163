<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use Illuminate\Support\Str;
use ZincPane\Core\Changes\AddItems;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;

/** Puts pictures of the store at the end of a gallery, each at most once. */
final readonly class AddPictures
{
    public function __construct(private ChangeGallery $change)
    {
    }

    /**
     * @param  list<Picture>  $pictures
     */
    public function handle(Gallery $gallery, array $pictures, ?string $userId): Gallery
    {
        $there = GalleryItem::query()->where('gallery_id', $gallery->id)->pluck('picture_id')->all();
        $items = [];
        foreach ($pictures as $picture) {
            if (! in_array($picture->id, $there, true)) {
                $items[] = new Item((string) Str::ulid(), $picture->id, ItemWords::none());
            }
        }

        return $items === []
            ? $gallery->load('items.picture')
            : $this->change->handle($gallery->id, null, AddItems::atEnd($items), $userId);
    }
}
