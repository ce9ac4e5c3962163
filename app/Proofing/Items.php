<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use App\Models\Step;
use Illuminate\Database\Eloquent\Collection;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Wording\AltFlaw;
use ZincPane\Core\Wording\AltReview;

/** The items of a gallery, with the words in force and what is wrong with them. */
final class Items
{
    /**
     * @return list<array<string, mixed>>
     */
    public static function all(Gallery $gallery): array
    {
        $rows = array_values($gallery->loadMissing(Gallery::ITEMS)->items->all());

        return self::shown($rows, AltReview::of(array_map(static fn (GalleryItem $row): Words => $row->words(), $rows)));
    }

    /**
     * Those that a step changed, and those of which something else is wrong now than before it: the
     * alt text of one may be what made that of another a repetition.
     *
     * @return list<array<string, mixed>>
     */
    public static function changedBy(Step $step, Gallery $gallery): array
    {
        if ($step->changed === [] && ! $step->isRearranged) {
            return [];
        }
        $after = $gallery->document()->items;
        $own = self::ownWords([...$step->before, ...$after]);
        $flaws = self::flaws($after, $own);
        $changed = array_fill_keys($step->changed, true);
        foreach (self::flaws($step->before, $own) as $id => $then) {
            if (($flaws[$id] ?? $then) !== $then) {
                $changed[$id] = true;
            }
        }
        $rows = $gallery->items->filter(static fn (GalleryItem $row): bool => isset($changed[$row->id]));
        (new Collection($rows->all()))->load('picture.poster');

        return self::shown(array_values($rows->all()), array_values(array_map(static fn (GalleryItem $row): array => $flaws[$row->id], $rows->all())));
    }

    /**
     * @param  list<GalleryItem>  $rows  with their pictures
     * @param  list<list<AltFlaw>>  $flaws
     * @return list<array<string, mixed>>
     */
    private static function shown(array $rows, array $flaws): array
    {
        $items = [];
        foreach ($rows as $i => $row) {
            $picture = $row->picture?->described();
            $own = $row->ownWords();
            $items[] = [
                'id' => $row->id,
                'kind' => $picture === null ? 'text' : $picture['kind'],
                'picture' => $picture,
                'text' => $row->text,
                'album' => $row->album,
                'hidden' => $row->is_hidden,
                'large' => $row->is_large,
                'words' => $row->words()->toArray(),
                'exceptions' => $own->said(),
                'flaws' => $picture === null ? [] : array_map(static fn (AltFlaw $flaw): string => $flaw->value, $flaws[$i]),
            ];
        }

        return $items;
    }

    /**
     * @param  list<Item>  $items
     * @return array<string, Words> what the review reads of the pictures' own words, by picture
     */
    private static function ownWords(array $items): array
    {
        $ids = array_values(array_unique(array_filter(array_map(static fn (Item $item): ?string => $item->picture, $items))));
        $own = [];
        foreach (Picture::query()->toBase()->whereIn('id', $ids)->get(['id', 'caption', 'alt', 'decorative']) as $row) {
            /** @var object{id: string, caption: string, alt: string, decorative: int|bool} $row */
            $own[$row->id] = new Words(caption: $row->caption, alt: $row->alt, decorative: (bool) $row->decorative);
        }

        return $own;
    }

    /**
     * @param  list<Item>  $items
     * @param  array<string, Words>  $own
     * @return array<string, list<AltFlaw>> by item
     */
    private static function flaws(array $items, array $own): array
    {
        $none = new Words;
        $flaws = AltReview::of(array_map(static fn (Item $item): Words => $item->words->over($own[$item->picture ?? ''] ?? $none), $items));

        return array_combine(array_map(static fn (Item $item): string => $item->id, $items), $flaws);
    }
}
