<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Edition;
use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\JournalEntry;
use App\Models\Picture;
use App\Models\Site;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\ChangeAbout;
use ZincPane\Core\Changes\Clicks;
use ZincPane\Core\Changes\Redesign;
use ZincPane\Core\Changes\Tidy;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Site\Pane;

/** What putting a gallery live would change for visitors, told before it is done. */
final readonly class PendingChanges
{
    public function __construct(private WordsOfSite $words)
    {
    }

    /**
     * @param  Gallery  $gallery  as it is saved
     * @return array{changes: list<string>, pages: list<array{id: string, title: string, address: string, changes: list<string>}>} in words, and the pages that would look other than now
     */
    public function of(Gallery $gallery, Site $site): array
    {
        $own = $this->ofGallery($gallery);
        [$live, $saved] = [$site->asLive(), $site->asSaved()];
        $target = $live->with($saved, [$gallery->id], $site->live === null ? array_keys($saved->pages) : [], PutLive::heldBack($site));
        $onPages = $this->words->of($site)->between($live, $target);
        $isEverywhere = array_filter($target->frame, static fn (Pane $pane): bool => $pane->gallery === $gallery->id) !== [];
        $changes = $own;
        $pages = [];
        foreach ($target->pages as $page) {
            $says = $onPages[$page->id] ?? [];
            if ($says !== [] || ($own !== [] && ($isEverywhere || $page->panesOf($gallery->id) !== []))) {
                $pages[] = ['id' => $page->id, 'title' => $page->title, 'address' => $page->path(), 'changes' => $says];
            }
            $changes = [...$changes, ...array_map(static fn (string $words): string => "{$page->title}: {$words}", $says)];
        }

        return ['changes' => [...$changes, ...($onPages[''] ?? [])], 'pages' => $pages];
    }

    /**
     * What is otherwise of the gallery itself.
     *
     * @return list<string>
     */
    public function ofGallery(Gallery $gallery): array
    {
        $entries = self::entries($gallery);
        $own = $gallery->edition_id === null ? ['first time live'] : array_map(static fn (JournalEntry $entry): string => $entry->state === EntryState::Done
            ? $entry->summary
            : 'took back: '.$entry->summary, $entries);

        return [...$own, ...self::inTheStore($gallery, $entries)];
    }

    /**
     * @return list<JournalEntry>
     */
    private static function entries(Gallery $gallery): array
    {
        if ($gallery->edition_id === null) {
            return [];
        }

        return array_values(JournalEntry::query()->where('gallery_id', $gallery->id)
            ->where(static fn ($query) => $query
                ->where(static fn ($done) => $done->where('state', EntryState::Done)->where('is_live', false))
                ->orWhere(static fn ($back) => $back->where('state', '!=', EntryState::Done)->where('is_live', true)))
            ->orderBy('id')->get()->all());
    }

    /**
     * What happened to the pictures themselves, which no journal of this gallery tells.
     *
     * @param  list<JournalEntry>  $entries  that are not live
     * @return list<string>
     */
    private static function inTheStore(Gallery $gallery, array $entries): array
    {
        if ($gallery->edition_id === null || ! self::isAnyPictureNewer($gallery)) {
            return [];
        }
        $edition = Edition::query()->findOrFail($gallery->edition_id);
        $then = $edition->content->items;
        $now = Drafts::of($gallery)->items;
        if (count($then) !== count($now)) {
            return [];
        }
        $hasTidied = array_filter($entries, static fn (JournalEntry $entry): bool => $entry->change instanceof Tidy) !== [];
        $tidied = $hasTidied ? 0 : count(array_diff(self::addresses($now), self::addresses($then)));
        $reworded = 0;
        // Places can be compared only where none of them was changed in the gallery itself.
        $areTheSame = array_filter($entries, static fn (JournalEntry $entry): bool => ! self::leavesItems($entry->change)) === [];
        foreach ($areTheSame ? $now : [] as $i => $item) {
            $reworded += $item->words()->isSameAs($then[$i]->words()) ? 0 : 1;
        }
        $pictures = static fn (int $count): string => $count === 1 ? 'a picture' : "{$count} pictures";

        return [
            ...($tidied === 0 ? [] : ["tidied {$pictures($tidied)}"]),
            ...($reworded === 0 ? [] : ["changed the own words of {$pictures($reworded)}"]),
        ];
    }

    /** Whether a change leaves every item with its words in its place. */
    private static function leavesItems(Change $change): bool
    {
        return $change instanceof Redesign || $change instanceof ChangeAbout || $change instanceof Tidy || $change instanceof Clicks;
    }

    /** Whether something of a picture was written since the gallery went live: else there is nothing to compare. */
    private static function isAnyPictureNewer(Gallery $gallery): bool
    {
        return GalleryItem::query()->toBase()->join('pictures', 'pictures.id', '=', 'gallery_items.picture_id')
            ->where('gallery_items.gallery_id', $gallery->id)->where('pictures.updated_at', '>=', $gallery->edition?->created_at)->exists()
            || Picture::query()->where('updated_at', '>=', $gallery->edition?->created_at)
                ->whereHas('posterOf.items', static fn ($items) => $items->where('gallery_id', $gallery->id))->exists();
    }

    /**
     * @param  list<Shown>  $items
     * @return list<string>
     */
    private static function addresses(array $items): array
    {
        $addresses = [];
        foreach ($items as $item) {
            if ($item instanceof ShownPicture) {
                // A moved focal point shows another part of the same file.
                $addresses[] = $item->address.'@'.round($item->focal->x, 3).','.round($item->focal->y, 3);
            }
        }

        return $addresses;
    }
}
