<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Site;
use Illuminate\Database\Connection;
use Throwable;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Site\SiteState;

/** What visitors have: written beside, swapped in by one rename, and only then said to be live. */
final readonly class LiveSite
{
    public function __construct(private Connection $database, private SiteBuilder $builder, private LiveFiles $files, private LiveLock $lock, private Releases $releases, private Contents $contents)
    {
    }

    /**
     * To be called by whoever holds the lock. What no page and no embed shows any more is taken out of reach.
     *
     * @param  array<string, FrozenGallery>  $before  editions that were live, by gallery
     * @param  array<string, FrozenGallery>  $after  that are to be
     * @param  list<string>  $fresh  pages whose single pictures are taken as they are in the store
     * @param  ?array<string, Guard>  $guards  who may have galleries from now on, by gallery; null for as it is
     * @param  callable(): void  $noting  writes down, in one transaction with all else, what goes live
     */
    public function publish(Site $site, SiteState $state, array $before, array $after, array $fresh, callable $noting, ?array $guards = null): void
    {
        $singles = Contents::thawed($site->singles ?? []);
        $guards ??= Guard::all($site);
        $this->contents->fetch($state->pages);
        $pictures = $this->singles($state, $singles, $fresh);
        $this->releases->releaseSingles($pictures);
        $open = Guard::unlocked($after, $guards);
        foreach ($after as $id => $gallery) {
            $this->releases->worded($gallery, isset($open[$id]));
        }
        $build = $this->files->write($this->builder->build($site, $state, $after, $guards, self::times($before, $after), $pictures));
        $last = $site->build;
        try {
            $this->database->transaction(function () use ($site, $state, $pictures, $build, $noting): void {
                $noting();
                $site->update(['live' => $state->toArray(), 'singles' => Contents::frozen($pictures), 'build' => $build]);
                // The last thing before it is said: who is killed in between is taken back at the next start.
                $this->files->show($build);
            });
        } catch (Throwable $exception) {
            if ($last !== null && $this->files->shows($build)) {
                $this->files->show($last);
            }
            throw $exception;
        }
        $this->files->sweep($build);
        $this->releases->takeBack(Published::of([...array_values($before), ...array_values($after)], $singles), Published::of(array_values($open), $pictures));
    }

    /**
     * Pictures that stand by themselves: on pages that go live as they are in the store, on all others as they were.
     *
     * @param  array<string, \ZincPane\Core\Edition\ShownPicture>  $before
     * @param  list<string>  $fresh
     * @return array<string, \ZincPane\Core\Edition\ShownPicture>
     */
    private function singles(SiteState $state, array $before, array $fresh): array
    {
        $now = $this->contents->pictures($state->pages);
        $kept = [];
        foreach ($state->pages as $page) {
            foreach ($this->contents->parts($page)?->pictures() ?? [] as $id) {
                $picture = in_array($page->id, $fresh, true) ? $now[$id] ?? null : $kept[$id] ?? $before[$id] ?? $now[$id] ?? null;
                // What was deleted or taken offline is gone from every page.
                isset($now[$id]) && $picture !== null ? $kept[$id] = $picture : null;
            }
        }

        return $kept;
    }

    /**
     * @return array<string, FrozenGallery> of all galleries that are live, by gallery
     */
    public static function editions(): array
    {
        $editions = [];
        foreach (Gallery::query()->whereNotNull('edition_id')->with('edition')->get() as $gallery) {
            if ($gallery->edition !== null) {
                $editions[$gallery->id] = $gallery->edition->content;
            }
        }

        return $editions;
    }

    /**
     * When each went live: what is as it was, when it did.
     *
     * @param  array<string, FrozenGallery>  $before
     * @param  array<string, FrozenGallery>  $after
     * @return array<string, int> seconds since 1970, by gallery
     */
    private static function times(array $before, array $after): array
    {
        $times = [];
        $known = Gallery::query()->whereNotNull('edition_id')->with('edition:id,created_at')->get(['id', 'edition_id'])->keyBy('id');
        foreach ($after as $id => $gallery) {
            $edition = ($before[$id] ?? null) === $gallery ? $known->get($id)?->edition : null;
            $times[$id] = ($edition->created_at ?? now())->getTimestamp();
        }

        return $times;
    }

    /** What the database calls live is what visitors get, even where a process was killed between the two. */
    public function settle(): void
    {
        if ($this->unsettled() !== null) {
            $this->lock->ifFree(function (): void {
                $folder = $this->unsettled();
                if ($folder !== null) {
                    $this->files->show($folder);
                }
            });
        }
    }

    /** The folder that is live by the database and not by the link that visitors follow; null where both agree. */
    private function unsettled(): ?string
    {
        $folder = Site::query()->value('build');

        return is_string($folder) && ! $this->files->shows($folder) && $this->files->has($folder) ? $folder : null;
    }
}
