<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\GalleryItem;
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
        $rows = array_values($gallery->items->all());
        $words = array_map(static fn (GalleryItem $row): Words => $row->words(), $rows);
        $flaws = AltReview::of($words);
        $items = [];
        foreach ($rows as $i => $row) {
            $picture = $row->picture?->described();
            $items[] = [
                'id' => $row->id,
                'kind' => $picture === null ? 'text' : $picture['kind'],
                'picture' => $picture,
                'text' => $row->text,
                'album' => $row->album,
                'hidden' => $row->is_hidden,
                'large' => $row->is_large,
                'words' => $words[$i]->toArray(),
                'exceptions' => array_keys(array_filter($row->ownWords()->toArray(), static fn (string|bool|null $word): bool => $word !== null)),
                'flaws' => $picture === null ? [] : array_map(static fn (AltFlaw $flaw): array => ['code' => $flaw->value, 'label' => $flaw->label(), 'advice' => $flaw->advice()], $flaws[$i]),
            ];
        }

        return $items;
    }
}
