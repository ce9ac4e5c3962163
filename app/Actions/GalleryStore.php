<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\JournalEntry;
use App\Models\Picture;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

/** Writes a gallery's document into its rows: only what differs from before. */
final readonly class GalleryStore
{
    /**
     * The gallery as it is; to be changed in a transaction, which others wait for.
     *
     * @param  ?int  $version  that the person saw; null for any
     *
     * @throws StaleVersionException when there is a newer one
     */
    public function read(string $id, ?int $version): Gallery
    {
        $gallery = Gallery::query()->with(Gallery::ITEMS)->findOrFail($id);
        if ($version !== null && $version !== $gallery->version) {
            $since = JournalEntry::query()->where('gallery_id', $id)->where('version', '>', $version)->orderBy('id')->pluck('summary');

            throw StaleVersionException::between($version, $gallery->version, array_values(array_map(strval(...), $since->all())));
        }

        return $gallery;
    }

    /**
     * @throws ChangeException when a picture that comes in was deleted from the store for good
     */
    public function refuseGone(GalleryDocument $before, GalleryDocument $after): void
    {
        $pictures = static fn (GalleryDocument $document): array => array_filter(array_map(static fn (Item $item): ?string => $item->picture, $document->items));
        $new = array_values(array_diff($pictures($after), $pictures($before)));
        $gone = count($new) - ($new === [] ? 0 : Picture::query()->whereIn('id', $new)->count());
        if ($gone > 0) {
            throw ChangeException::picturesGone($gone);
        }
    }

    public function write(Gallery $gallery, GalleryDocument $before, GalleryDocument $after): void
    {
        $gallery->update([
            ...$after->about->toArray(),
            'design' => $after->design,
            'albums' => $after->albums->toArray(),
            'version' => $gallery->version + 1,
        ]);
        if ($before->items === $after->items) {
            return;
        }
        $old = $this->rows($gallery, $before->items);
        $new = $this->rows($gallery, $after->items);
        $gone = array_keys(array_diff_key($old, $new));
        if ($gone !== []) {
            GalleryItem::query()->whereIn('id', $gone)->delete();
        }
        $changed = array_values(array_filter($new, static fn (array $row): bool => ($old[$row['id']] ?? null) !== $row));
        foreach (array_chunk($changed, 500) as $rows) {
            GalleryItem::query()->upsert($rows, ['id'], array_diff(array_keys($rows[0]), ['id', 'gallery_id', 'picture_id']));
        }
        if ($gone !== [] || $changed !== []) {
            $gallery->load(Gallery::ITEMS);
        }
    }

    /**
     * @param  list<Item>  $items
     * @return array<string, non-empty-array<string, string|int|bool|null>>
     */
    private function rows(Gallery $gallery, array $items): array
    {
        $rows = [];
        foreach ($items as $position => $item) {
            $rows[$item->id] = [
                'id' => $item->id,
                'gallery_id' => $gallery->id,
                'picture_id' => $item->picture,
                'position' => $position,
                'text' => $item->text,
                'album' => $item->album,
                'is_hidden' => $item->hidden,
                'is_large' => $item->large,
                ...$item->words->toArray(),
            ];
        }

        return $rows;
    }
}
