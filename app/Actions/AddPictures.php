<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use ZincPane\Core\Changes\AddItems;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;

/** Puts pictures of the store into a gallery, each at most once. */
final readonly class AddPictures
{
    public function __construct(private ChangeGallery $change, private ConnectionInterface $database)
    {
    }

    /**
     * @param  list<Picture>  $pictures
     * @param  ?string  $arrival  mark of an Arrival: those of one batch come to stand in their order, whatever order they come in
     */
    public function handle(Gallery $gallery, array $pictures, ?string $userId, ?string $arrival = null): Gallery
    {
        return $this->database->transaction(function () use ($gallery, $pictures, $userId, $arrival): Gallery {
            $there = GalleryItem::query()->where('gallery_id', $gallery->id)->pluck('picture_id')->all();
            $items = [];
            foreach ($pictures as $picture) {
                if (! in_array($picture->id, $there, true)) {
                    $items[] = new Item((string) Str::ulid(), $picture->id, ItemWords::none());
                }
            }
            if ($items === []) {
                return $gallery->load(Gallery::ITEMS);
            }
            $place = $arrival === null ? null : $this->placeAmongMates($gallery, $arrival);
            $added = $this->change->handle($gallery->id, null, $place === null ? AddItems::atEnd($items) : AddItems::atPlaces([$place => $items[0]]), $userId);
            GalleryItem::query()->whereKey($items[0]->id)->update(['arrival' => $arrival]);

            return $added;
        });
    }

    /** Before the first of its batch that belongs behind it, else behind the last that belongs before it, else null. */
    private function placeAmongMates(Gallery $gallery, string $arrival): ?int
    {
        $mates = GalleryItem::query()->where('gallery_id', $gallery->id)->where('arrival', 'like', Str::beforeLast($arrival, ':').':%');
        $behind = $mates->clone()->where('arrival', '>', $arrival)->min('position');
        $before = $mates->clone()->where('arrival', '<', $arrival)->max('position');

        return match (true) {
            is_numeric($behind) => (int) $behind,
            is_numeric($before) => (int) $before + 1,
            default => null,
        };
    }
}
