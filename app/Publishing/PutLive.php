<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Actions\GalleryStore;
use App\Actions\PrepareGallery;
use App\Actions\StaleVersionException;
use App\Imaging\ImagingException;
use App\Models\Edition;
use App\Models\Gallery;
use App\Models\JournalEntry;
use App\Models\Page;
use App\Models\Site;
use Illuminate\Database\Query\Expression;
use ZincPane\Core\Edition\FrozenGallery;

/** The one act that makes the saved state of galleries, the places they stand at, and chosen pages, public. */
final readonly class PutLive
{
    public function __construct(
        private GalleryStore $store,
        private PrepareGallery $preparation,
        private LiveSite $live,
        private LiveLock $lock,
        private Releases $releases,
        private FilesAtHand $atHand,
    ) {
    }

    /**
     * @param  ?int  $version  that the person saw; null for whatever is saved
     * @param  list<string>  $pages  that go live besides, with title, menu and words
     *
     * @throws StaleVersionException when there is a newer version
     * @throws ImagingException when a file that visitors need cannot be made
     * @throws BusyException when another gallery is going live, and takes long
     */
    public function handle(string $galleryId, ?int $version, ?string $userId, array $pages = []): Gallery
    {
        return $this->many([$galleryId => $version], $pages, $userId)[$galleryId];
    }

    /**
     * Galleries and pages together, in one act: all of them or none.
     *
     * @param  array<string, ?int>  $versions  that the person saw, by gallery; null for whatever is saved
     * @param  list<string>  $pages
     * @return array<string, Gallery>
     *
     * @throws StaleVersionException when there is a newer version
     * @throws ImagingException when a file that visitors need cannot be made
     * @throws BusyException when another gallery is going live, and takes long
     */
    public function many(array $versions, array $pages, ?string $userId): array
    {
        return $this->lock->during(fn (): array => $this->putLive($versions, $pages, $userId));
    }

    /**
     * @param  array<string, ?int>  $versions
     * @param  list<string>  $pages
     * @return array<string, Gallery>
     */
    private function putLive(array $versions, array $pages, ?string $userId): array
    {
        $galleries = $frozen = [];
        foreach ($versions as $id => $version) {
            $galleries[$id] = $this->ready($id, $version);
            $frozen[$id] = Drafts::of($galleries[$id]);
            $this->releases->release($galleries[$id]);
            // Of a locked one nothing lies in reach; PHP gives it from where it lies.
            if (! $galleries[$id]->isLocked()) {
                $this->atHand->refuseDeadLinks($frozen[$id]);
            }
        }
        $site = Site::whole();
        $saved = $site->asSaved();
        $before = LiveSite::editions();
        $chosen = $site->live === null ? array_keys($saved->pages) : $pages;
        $state = $site->asLive()->with($saved, array_keys($versions), $chosen, self::heldBack($site));
        $this->live->publish($site, $state, $before, [...$before, ...$frozen], [...$chosen, ...array_diff(array_keys($state->pages), array_keys($site->asLive()->pages))], function () use ($galleries, $frozen, $chosen, $userId): void {
            foreach ($galleries as $id => $gallery) {
                $this->note($gallery, $frozen[$id], $userId);
            }
            Page::query()->whereIn('id', $chosen)->toBase()->update(['is_offline' => false]);
        });

        return $galleries;
    }

    /**
     * @return list<string> pages that were taken off by a person
     */
    public static function heldBack(Site $site): array
    {
        return array_values($site->pages->where('is_offline', true)->map(static fn (Page $page): string => $page->id)->all());
    }

    /** With all files that visitors need. */
    private function ready(string $id, ?int $version): Gallery
    {
        $this->preparation->handle($id, $version);
        $gallery = $this->store->read($id, $version)->load(Gallery::ITEMS);
        if ($this->atHand->forgetLost($gallery)) {
            $this->preparation->handle($id, $version);
            $gallery = $this->store->read($id, $version)->load(Gallery::ITEMS);
        }

        return $gallery;
    }

    private function note(Gallery $gallery, FrozenGallery $frozen, ?string $userId): void
    {
        // What was drawn must still be what is saved; else the person is told and looks again.
        $this->store->read($gallery->id, $gallery->version);
        JournalEntry::query()->where('gallery_id', $gallery->id)->toBase()->update(['is_live' => new Expression("state = 'done'")]);
        $edition = Edition::query()->create(['gallery_id' => $gallery->id, 'user_id' => $userId, 'version' => $gallery->version, 'content' => $frozen]);
        $gallery->update(['edition_id' => $edition->id]);
    }
}
