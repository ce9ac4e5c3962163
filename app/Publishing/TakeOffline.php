<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Edition;
use App\Models\Gallery;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Site;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Site\SiteState;

/** Takes a gallery, a page or a picture out of the reach of visitors, at once; and brings a gallery back. */
final readonly class TakeOffline
{
    public function __construct(private LiveSite $live, private LiveLock $lock, private Releases $releases)
    {
    }

    /**
     * A gallery: from every page and every embed. Where it stands is kept, so that it can be put live again.
     *
     * @throws BusyException when another gallery is going live, and takes long
     */
    public function gallery(Gallery $gallery): void
    {
        $this->lock->during(function () use ($gallery): void {
            $before = LiveSite::editions();
            $last = $before[$gallery->id] ?? Edition::query()->where('gallery_id', $gallery->id)->latest('id')->first()?->content;
            $others = array_diff_key($before, [$gallery->id => true]);
            $this->publish(static fn (SiteState $state): SiteState => $state->withoutGallery($gallery->id), $last === null ? $before : [...$others, $gallery->id => $last], $others, static function () use ($gallery): void {
                Gallery::withTrashed()->whereKey($gallery->id)->toBase()->update(['edition_id' => null]);
            });
        });
    }

    /**
     * A page: its address leads nowhere, and the menu does not name it.
     *
     * @throws BusyException when another gallery is going live, and takes long
     */
    public function page(string $id): void
    {
        $this->lock->during(function () use ($id): void {
            $editions = LiveSite::editions();
            $this->publish(static fn (SiteState $state): SiteState => $state->withoutPage($id), $editions, $editions, static function () use ($id): void {
                Page::query()->whereKey($id)->toBase()->update(['is_offline' => true]);
            });
        });
    }

    /**
     * Pictures: from every gallery and every page, as they are live.
     *
     * @param  list<Picture>  $pictures  with what stands for them
     * @param  callable(): void  $noting  writes down, in the same transaction, what becomes of them
     *
     * @throws BusyException when another gallery is going live, and takes long
     */
    public function pictures(array $pictures, callable $noting): void
    {
        $this->lock->during(function () use ($pictures, $noting): void {
            $addresses = [];
            foreach ($pictures as $picture) {
                $addresses[$picture->address()] = true;
            }
            $before = LiveSite::editions();
            $after = array_map(static fn (FrozenGallery $gallery): FrozenGallery => self::without($gallery, $addresses), $before);
            $changed = array_filter($after, static fn (FrozenGallery $gallery, string $id): bool => $gallery !== $before[$id], ARRAY_FILTER_USE_BOTH);
            $this->publish(static fn (SiteState $state): SiteState => $state, $before, $after, static function () use ($changed, $noting): void {
                $noting();
                foreach ($changed as $id => $gallery) {
                    $last = Edition::query()->where('gallery_id', $id)->latest('id')->firstOrFail();
                    $edition = Edition::query()->create(['gallery_id' => $id, 'user_id' => $last->user_id, 'version' => $last->version, 'content' => $gallery]);
                    Gallery::query()->whereKey($id)->toBase()->update(['edition_id' => $edition->id]);
                }
            });
        });
    }

    /**
     * @param  array<string, true>  $addresses  of folders of files
     */
    private static function without(FrozenGallery $gallery, array $addresses): FrozenGallery
    {
        $gone = [];
        foreach ($gallery->items as $place => $item) {
            self::shows($item, $addresses) ? $gone[$gallery->key($place)] = true : null;
        }
        $onGround = $gallery->ground !== null && isset($addresses[$gallery->ground->address]);
        $shown = $gone === [] ? $gallery : $gallery->only(static fn (string $key): bool => ! isset($gone[$key]));

        return $onGround ? $shown->onNothing() : $shown;
    }

    /**
     * @param  array<string, true>  $addresses
     */
    private static function shows(Shown $item, array $addresses): bool
    {
        return $item instanceof ShownPicture && (isset($addresses[$item->address]) || ($item->video !== null && isset($addresses[dirname($item->video->address)])));
    }

    /**
     * Needs the gallery with the edition and the panes it had.
     *
     * @throws BusyException when another gallery is going live, and takes long
     */
    public function bringBack(Gallery $gallery): void
    {
        $this->lock->during(function () use ($gallery): void {
            $this->releases->release($gallery->load(Gallery::ITEMS));
            $site = Site::whole();
            $editions = LiveSite::editions();
            $this->publish(static fn (SiteState $state): SiteState => $state->with($site->asSaved(), [$gallery->id], [], PutLive::heldBack($site)), $editions, $editions, static fn () => null);
        });
    }

    /**
     * @param  callable(SiteState): SiteState  $changed
     * @param  array<string, FrozenGallery>  $before
     * @param  array<string, FrozenGallery>  $after
     * @param  callable(): void  $noting
     */
    private function publish(callable $changed, array $before, array $after, callable $noting): void
    {
        $site = Site::whole();
        if ($site->live === null) {
            $noting();

            return;
        }
        $this->live->publish($site, $changed($site->asLive()), $before, $after, [], $noting);
    }
}
