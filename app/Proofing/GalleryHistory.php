<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Actions\ToldAct;
use App\Models\Edition;
use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\JournalEntry;
use App\Models\Picture;
use ZincPane\Core\Changes\Change;

/** What was done to a gallery, in words, with time and person; and what of it visitors had when. */
final class GalleryHistory
{
    /** Acts and editions that are told at once. */
    private const MOST = 200;

    /** Pictures that are shown beside an act, and px of them. */
    private const SHOWN = 4;

    private const SMALL = 240;

    /**
     * @param  ?int  $before  only acts before this one; null for the newest
     * @return array<string, mixed>
     */
    public function of(Gallery $gallery, ?int $before): array
    {
        $entries = $gallery->journal()->with('user')->where('state', '!=', EntryState::Superseded)->when($before !== null, static fn ($query) => $query->where('id', '<', $before))->reorder('id', 'desc')->limit(self::MOST + 1)->get();
        $more = $entries->count() > self::MOST;
        $entries = $entries->take(self::MOST);
        $thumbnails = $this->thumbnails($entries->all());
        $editions = Edition::query()->where('gallery_id', $gallery->id)->with('user')->latest('id')->limit(self::MOST)->get();

        return [
            'acts' => array_values($entries->map(static fn (JournalEntry $entry): array => [
                ...ToldAct::line($entry), 'live' => $entry->is_live, 'pictures' => $thumbnails[$entry->id] ?? [],
            ])->all()),
            'more' => $more,
            'editions' => array_values($editions->map(static fn (Edition $edition): array => [
                'id' => $edition->id, 'at' => $edition->created_at->toIso8601String(), 'by' => $edition->user->name ?? null, 'live' => $edition->id === $gallery->edition_id,
                'title' => $edition->content->about->title, 'pictures' => count($edition->content->items),
            ])->all()),
        ];
    }

    /**
     * @param  array<JournalEntry>  $entries
     * @return array<int, list<string>> addresses of a few small pictures, by act
     */
    private function thumbnails(array $entries): array
    {
        $wanted = $items = [];
        foreach ($entries as $entry) {
            [$pictures, $ids] = self::speaksOf($entry->change);
            [$gone] = self::speaksOf($entry->inverse);
            $wanted[$entry->id] = [array_slice(array_unique([...$pictures, ...$gone]), 0, self::SHOWN), array_slice($ids, 0, self::SHOWN)];
            array_push($items, ...$wanted[$entry->id][1]);
        }
        $ofItems = GalleryItem::query()->whereIn('id', array_unique($items))->whereNotNull('picture_id')->pluck('picture_id', 'id')->all();
        $ofItems = array_filter($ofItems, is_string(...));
        $all = [];
        foreach ($wanted as $id => [$pictures, $ids]) {
            $all[$id] = array_slice(array_values(array_unique([...$pictures, ...array_values(array_intersect_key($ofItems, array_flip($ids)))])), 0, self::SHOWN);
        }
        $known = Picture::query()->whereIn('id', array_unique(array_merge([], ...array_values($all))))->with('poster')->get()->keyBy('id');

        return array_map(static fn (array $pictures): array => array_values(array_filter(array_map(static fn (string $id): ?string => $known->get($id)?->face()?->thumbnail(self::SMALL), $pictures), static fn (?string $address): bool => $address !== null)), $all);
    }

    /**
     * @return array{list<string>, list<string>} pictures and items
     */
    private static function speaksOf(Change $change): array
    {
        $values = $change->toArray();
        $pictures = is_array($values['pictures'] ?? null) ? array_keys($values['pictures']) : [];
        $items = is_array($values['words'] ?? null) ? array_keys($values['words']) : [];
        foreach (is_array($values['items'] ?? null) && $values['kind'] !== 'order' ? $values['items'] : [] as $item) {
            if (is_string($item)) {
                $items[] = $item;
            } elseif (is_array($item) && is_string($item['picture'] ?? null)) {
                $pictures[] = $item['picture'];
            }
        }

        return [array_map(strval(...), $pictures), array_map(strval(...), $items)];
    }
}
