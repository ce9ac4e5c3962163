<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\JournalEntry;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\Clash;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Settings\SettingException;

/** Tells what a change made on an older version has in common with what was done since. */
final readonly class FindClashes
{
    public function __construct(private TidiedPictures $tidied)
    {
    }

    /**
     * @param  list<int>  $own  versions since, that the same window made
     *
     * @throws ChangeException|SettingException when the change can no longer be made
     */
    public function of(Gallery $gallery, int $version, Change $change, array $own = []): StaleVersionException
    {
        $gallery->loadMissing(Gallery::ITEMS);
        $now = $this->tidied->told($gallery, $change);
        // What speaks of something that is gone is refused by its name: there is nothing to choose.
        $change->appliedTo($now);
        // What was taken back or done again since changed the gallery too, though it is older in the journal.
        $entries = $gallery->journal()->where(static fn ($query) => $query->where('version', '>', $version)->orWhere('state_version', '>', $version))
            ->where(static fn ($query) => $query->whereNotIn('version', $own)->orWhereNotIn('state_version', [0, ...$own]))->get();
        $since = array_map(static fn (JournalEntry $entry): Change => $entry->change, array_values($entries->all()));
        $clashes = array_map(fn (Clash $clash): array => [
            'path' => $clash->path,
            'label' => $clash->label,
            'of' => $this->nameOf($gallery, $clash->item),
            'mine' => $clash->mine,
            'theirs' => $clash->theirs,
        ], Clash::between($change, $since, $now));

        return StaleVersionException::between(
            $version, $gallery->version, array_values(array_map(static fn (JournalEntry $entry): string => $entry->summary, $entries->all())), $clashes,
        );
    }

    private function nameOf(Gallery $gallery, ?string $item): ?string
    {
        if ($item === null) {
            return null;
        }
        $row = $gallery->items->first(static fn (GalleryItem $row): bool => $row->id === $item);
        $title = $row?->words()->title ?? '';

        return $title !== '' ? $title : ($row?->picture->name ?? 'a picture that was taken out');
    }
}
