<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\EmbedRefusal;
use App\Models\Gallery;
use App\Models\Site;
use Illuminate\Contracts\Hashing\Hasher;
use ZincPane\Core\Access\EmbedOrigins;
use ZincPane\Core\Access\GalleryLock;

/** Says who may have a gallery: at once, without putting anything else live. */
final readonly class ChangeGuard
{
    public function __construct(private LiveSite $live, private LiveLock $lock, private EditionFiles $files, private Hasher $hasher)
    {
    }

    /**
     * @param  ?EmbedOrigins  $origins  whose pages may embed it; null for as the site has it
     *
     * @throws BusyException when another is putting live, and takes long
     */
    public function embed(Gallery $gallery, ?EmbedOrigins $origins): void
    {
        $this->of($gallery, ['embed' => $origins?->toArray()], static fn () => EmbedRefusal::query()->where('gallery_id', $gallery->id)->delete());
    }

    /**
     * @param  string  $password  that was looked at
     * @param  int  $hours  that it stays open for who knows it
     *
     * @throws BusyException when another is putting live, and takes long
     */
    public function lock(Gallery $gallery, string $password, int $hours = GalleryLock::HOURS): void
    {
        $this->of($gallery, ['lock_hash' => $this->hasher->make($password), 'lock_hours' => $hours]);
    }

    /**
     * @throws BusyException when another is putting live, and takes long
     */
    public function unlock(Gallery $gallery): void
    {
        $this->of($gallery, ['lock_hash' => null, 'lock_hours' => null]);
    }

    /**
     * Of all galleries that say nothing else.
     *
     * @throws BusyException when another is putting live, and takes long
     */
    public function site(EmbedOrigins $origins): void
    {
        $this->ofSite(['embed' => $origins->toArray()]);
    }

    /**
     * Machines are told at once.
     *
     * @param  ?string  $page  that tells how pictures may be used
     *
     * @throws BusyException when another is putting live, and takes long
     */
    public function acquire(?string $page): void
    {
        $this->ofSite(['acquire_page_id' => $page]);
    }

    /**
     * @param  array<string, mixed>  $told  columns
     */
    private function ofSite(array $told): void
    {
        $this->lock->during(function () use ($told): void {
            $site = Site::whole()->forceFill($told);
            $this->publish($site, Guard::all($site), static fn () => $site->save());
        });
    }

    /**
     * @param  array<string, mixed>  $told  columns
     * @param  (callable(): mixed)|null  $besides
     */
    private function of(Gallery $gallery, array $told, ?callable $besides = null): void
    {
        $this->lock->during(function () use ($gallery, $told, $besides): void {
            $fresh = Gallery::query()->with('edition')->findOrFail($gallery->id)->forceFill($told);
            $site = Site::whole();
            $guard = Guard::of($fresh, $site);
            $this->publish($site, [...Guard::all($site), $gallery->id => $guard], static function () use ($gallery, $told, $besides): void {
                // Nothing of the gallery itself was changed: its version and its time stay.
                Gallery::query()->whereKey($gallery->id)->toBase()->update(array_map(static fn (mixed $value): mixed => is_array($value) ? json_encode($value, JSON_THROW_ON_ERROR) : $value, $told));
                if ($besides !== null) {
                    $besides();
                }
            });
            // Last: whoever is killed before it leaves pictures away, and not in reach that are locked still.
            if (! $guard->isLocked && $fresh->edition !== null) {
                $this->files->release($fresh->edition->content, false);
            }
        });
    }

    /**
     * @param  array<string, Guard>  $guards
     * @param  callable(): mixed  $noting
     */
    private function publish(Site $site, array $guards, callable $noting): void
    {
        if ($site->live === null) {
            $noting();

            return;
        }
        $editions = LiveSite::editions();
        $this->live->publish($site, $site->asLive(), $editions, $editions, [], static function () use ($noting): void {
            $noting();
        }, $guards);
    }
}
