<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\JournalEntry;
use App\Models\Picture;
use App\Models\Step;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

/** Writes a gallery's document into its rows: only what differs from before. */
final readonly class GalleryStore
{
    public function __construct(private TidiedPictures $tidied)
    {
    }

    /**
     * The gallery as it is; to be changed in a transaction, which others wait for.
     *
     * @param  ?int  $version  that the person saw; null for any
     *
     * @throws StaleVersionException when there is a newer one
     */
    public function read(string $id, ?int $version): Gallery
    {
        $gallery = Gallery::query()->findOrFail($id);
        if ($version !== null && $version !== $gallery->version) {
            $since = JournalEntry::query()->where('gallery_id', $id)->where('version', '>', $version)->orderBy('id')->pluck('summary');

            throw StaleVersionException::between($version, $gallery->version, array_values(array_filter($since->all(), is_string(...))));
        }

        return $gallery;
    }

    /**
     * Without items whose pictures were deleted from the store for good in the meantime.
     *
     * @return array{GalleryDocument, int} and how many those are
     */
    public function withoutGone(GalleryDocument $before, GalleryDocument $after): array
    {
        $pictures = static fn (GalleryDocument $document): array => array_filter(array_map(static fn (Item $item): ?string => $item->picture, $document->items), static fn (?string $id): bool => $id !== null);
        $new = array_values(array_diff($pictures($after), $pictures($before)));
        $gone = $new === [] ? [] : array_diff($new, array_filter(Picture::query()->whereIn('id', $new)->pluck('id')->all(), is_string(...)));
        $there = array_values(array_filter($after->items, static fn (Item $item): bool => ! in_array($item->picture, $gone, true)));

        return [$gone === [] ? $after : $after->holding($there), count($gone)];
    }

    public function write(Gallery $gallery, GalleryDocument $before, GalleryDocument $after): void
    {
        $gallery->update([
            ...$after->about->toArray(),
            'design' => $after->design,
            'albums' => $after->albums->toArray(),
            'version' => $gallery->version + 1,
        ]);
        $changed = $this->writeItems($gallery, $before->items, $after->items);
        $this->tidied->write($before->tidied, $after->tidied);
        foreach ($after->tidied === [] ? [] : $after->items as $item) {
            if ($item->picture !== null && isset($after->tidied[$item->picture])) {
                $changed[] = $item->id;
            }
        }
        $gallery->step = new Step($gallery->version - 1, $before->items, $after->items, $changed);
        $gallery->unsetRelation('items');
    }

    /**
     * @param  list<Item>  $before
     * @param  list<Item>  $after
     * @return list<string> those that are new or other than before, but for their places
     */
    private function writeItems(Gallery $gallery, array $before, array $after): array
    {
        $old = self::placed($before);
        $new = self::placed($after);
        $gone = array_keys(array_diff_key($old, $new));
        if ($gone !== []) {
            GalleryItem::query()->whereIn('id', $gone)->delete();
        }
        $rows = $changed = [];
        foreach ($new as $id => [$place, $item]) {
            // Most are the very same object at the very same place.
            if (($old[$id] ?? null) === [$place, $item]) {
                continue;
            }
            if (($old[$id][1] ?? null) !== $item) {
                $changed[] = $id;
            }
            $rows[] = $this->row($gallery, $place, $item);
        }
        foreach (array_chunk($rows, 500) as $some) {
            GalleryItem::query()->upsert($some, ['id'], array_diff(array_keys($some[0]), ['id', 'gallery_id', 'picture_id']));
        }

        return $changed;
    }

    /**
     * @param  list<Item>  $items
     * @return array<string, array{int, Item}> with their places, by id
     */
    private static function placed(array $items): array
    {
        $placed = [];
        foreach ($items as $place => $item) {
            $placed[$item->id] = [$place, $item];
        }

        return $placed;
    }

    /**
     * @return non-empty-array<string, string|int|bool|null>
     */
    private function row(Gallery $gallery, int $place, Item $item): array
    {
        return [
            'id' => $item->id,
            'gallery_id' => $gallery->id,
            'picture_id' => $item->picture,
            'position' => $place,
            'text' => $item->text,
            'album' => $item->album,
            'is_hidden' => $item->hidden,
            'is_large' => $item->large,
            'click' => $item->click?->value,
            ...$item->words->toArray(),
        ];
    }
}
