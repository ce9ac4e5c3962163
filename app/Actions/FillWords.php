<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\ItemRow;
use App\Models\ItemRows;
use ZincPane\Core\Changes\Reword;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Wording\Fill;

/** Changes a word of many pictures of a gallery at once. */
final readonly class FillWords
{
    public function __construct(private ChangeGallery $change)
    {
    }

    /**
     * What would come of it.
     *
     * @param  array<array-key, mixed>  $asked  what is to be filled, as it came
     * @param  list<string>  $items  identifiers, in the order they are counted in
     * @return list<array{item: string, before: string, after: ?string}> null where the text stays
     *
     * @throws SettingException when something of it is unknown or cannot be
     */
    public function preview(Gallery $gallery, array $asked, array $items): array
    {
        return $this->outcome($gallery, Fill::fromArray($asked), $items);
    }

    /**
     * @param  list<string>  $items
     * @return list<array{item: string, before: string, after: ?string}>
     */
    private function outcome(Gallery $gallery, Fill $fill, array $items): array
    {
        $rows = [];
        foreach (ItemRows::of($gallery->id)->all as $row) {
            $rows[$row->id()] = $row;
        }
        $albums = $gallery->albumsInUse();
        $chosen = [];
        foreach ($items as $id) {
            $chosen[] = $rows[$id] ?? throw ChangeException::unknownItem($id);
        }
        $texts = $fill->applied(array_map(static fn (ItemRow $row): array => [
            'text' => $row->words()->text($fill->field), 'values' => self::values($row, $albums),
        ], $chosen));
        $outcome = [];
        foreach ($chosen as $i => $row) {
            $after = $texts[$i] === null ? null : ItemWords::parse([$fill->field->value => $texts[$i]])->text($fill->field);
            $outcome[] = ['item' => $row->id(), 'before' => $row->words()->text($fill->field), 'after' => $after];
        }

        return $outcome;
    }

    /**
     * @param  array<array-key, mixed>  $asked  what is to be filled, as it came
     * @param  list<string>  $items
     *
     * @throws SettingException when something of it is unknown or cannot be
     * @throws StaleVersionException when there is a newer version
     */
    public function handle(Gallery $gallery, int $version, array $asked, array $items, ?string $userId): Gallery
    {
        $words = [];
        $fill = Fill::fromArray($asked);
        foreach ($this->outcome($gallery, $fill, $items) as ['item' => $item, 'after' => $after]) {
            if ($after !== null) {
                $words[$item] = [$fill->field->value => $after];
            }
        }

        return $words === [] ? $gallery : $this->change->handle($gallery->id, $version, Reword::of($words), $userId);
    }

    /**
     * @return array<string, string> by token
     */
    private static function values(ItemRow $row, Albums $albums): array
    {
        return [
            'title' => $row->words()->title,
            'date' => $row->takenAt()?->format('j F Y') ?? '',
            'album' => $albums->nameOf($row->album()) ?? '',
            'camera' => $row->camera(),
            'file' => pathinfo($row->name(), PATHINFO_FILENAME),
        ];
    }
}
