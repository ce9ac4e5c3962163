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

/** Puts pictures of the store into a gallery, each at most once. */
final readonly class AddPictures
{
    public function __construct(private ChangeGallery $change)
    {
    }

    /**
     * @param  list<Picture>  $pictures
     * @param  ?int  $place  that the first is to have, from 0; null is the end, and so is one beyond it
     */
    public function handle(Gallery $gallery, array $pictures, ?string $userId, ?int $place = null): Gallery
    {
        $there = GalleryItem::query()->where('gallery_id', $gallery->id)->pluck('picture_id')->all();
        $items = [];
        foreach ($pictures as $picture) {
            if (! in_array($picture->id, $there, true)) {
                $items[] = new Item((string) Str::ulid(), $picture->id, ItemWords::none());
            }
        }

        return $items === []
            ? $gallery->load(Gallery::ITEMS)
            : $this->change->handle($gallery->id, null, $place === null ? AddItems::atEnd($items) : AddItems::atPlaces(array_combine(range($place, $place + count($items) - 1), $items)), $userId);
    }
}
