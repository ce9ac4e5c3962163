<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use App\Models\Step;
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
    public static function changedBy(Step $step): array
    {
        if ($step->changed === [] && ! $step->isRearranged()) {
            return [];
        }
        $own = self::ownWords([...$step->before, ...$step->after]);
        $inForce = static fn (Item $item): Words => $item->words->over($own[$item->picture ?? ''] ?? new Words);
        $then = $before = [];
        foreach ($step->before as $item) {
            $then[$item->id] = $item;
        }
        $changed = array_fill_keys($step->changed, true);
        foreach ($step->after as $place => $item) {
            if (isset($changed[$item->id])) {
                $before[$place] = isset($then[$item->id]) ? $inForce($then[$item->id]) : null;
            }
            unset($then[$item->id]);
        }
        $flaws = AltReview::afterwards(array_map($inForce, $step->after), $before, array_map($inForce, array_values($then)));
        $ids = array_map(static fn (int $place): string => $step->after[$place]->id, array_keys($flaws));
        $rows = GalleryItem::query()->whereIn('id', $ids)->with('picture.poster')->orderBy('position')->get()->all();

        return self::shown(array_values($rows), array_values($flaws));
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
        $ids = array_values(array_unique(array_filter(array_map(static fn (Item $item): ?string => $item->picture, $items), static fn (?string $id): bool => $id !== null)));
        $own = [];
        foreach (Picture::query()->toBase()->whereIn('id', $ids)->get(['id', 'caption', 'alt', 'decorative']) as $row) {
            /** @var \stdClass&object{id: string, caption: string, alt: string, decorative: int|bool} $row */
            $own[$row->id] = new Words(caption: $row->caption, alt: $row->alt, decorative: (bool) $row->decorative);
        }

        return $own;
    }
}
