<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use ZincPane\Core\Changes\AddItems;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;

/** Puts pictures of the store into a gallery, each at most once. */
final readonly class AddPictures
{
    public function __construct(private ChangeGallery $change, private Connection $database)
    {
    }

    /**
     * @param  list<Picture>  $pictures
     * @param  ?string  $batch  that they are some of: all of it is one act
     * @param  list<?string>  $arrivals  marks of an Arrival, one for each picture: those of one batch come to stand in their order, whatever order they come in
     * @param  bool  $isLast  no more of the batch comes
     */
    public function handle(Gallery $gallery, array $pictures, ?string $userId, ?string $batch = null, array $arrivals = [], bool $isLast = true): Gallery
    {
        return $this->database->transaction(function () use ($gallery, $pictures, $userId, $batch, $arrivals, $isLast): Gallery {
            $there = GalleryItem::query()->where('gallery_id', $gallery->id)->whereNotNull('picture_id')->pluck('picture_id')->flip()->all();
            $entries = $marks = [];
            $row = $arrivals === [] ? [] : GalleryItem::query()->where('gallery_id', $gallery->id)->orderBy('position')->pluck('arrival')->all();
            foreach ($pictures as $i => $picture) {
                if (isset($there[$picture->id])) {
                    continue;
                }
                $there[$picture->id] = true;
                $item = new Item((string) Str::ulid(), $picture->id, ItemWords::none());
                $mark = $arrivals[$i] ?? null;
                $place = $mark === null ? null : self::placeAmongMates($row, $mark);
                array_splice($row, $place ?? count($row), 0, [$mark]);
                $entries[] = [$item, $place];
                $marks[$item->id] = $mark;
            }
            if ($entries === []) {
                return $gallery;
            }
            $change = AddItems::inTurn($entries);
            $added = $this->change->handle($gallery->id, null, $batch === null ? $change : $change->ofBatch($batch), $userId, new Asking, $isLast);
            foreach (array_filter($marks, static fn (?string $mark): bool => $mark !== null) as $id => $mark) {
                GalleryItem::query()->whereKey($id)->update(['arrival' => $mark]);
            }

            return $added;
        });
    }

    /**
     * Before the first of its batch that belongs behind it, else behind the last that belongs before it, else null.
     *
     * @param  array<array-key, mixed>  $row  the marks of all items, in order
     */
    private static function placeAmongMates(array $row, string $arrival): ?int
    {
        $batch = Str::beforeLast($arrival, ':').':';
        $behind = null;
        foreach (array_values($row) as $place => $mark) {
            if (! is_string($mark) || ! str_starts_with($mark, $batch)) {
                continue;
            }
            if ($mark > $arrival) {
                return $place;
            }
            $behind = $place + 1;
        }

        return $behind;
    }
}
