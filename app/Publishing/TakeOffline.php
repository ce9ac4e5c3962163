<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Edition;
use App\Models\Gallery;
use App\Models\Site;
use ZincPane\Core\Edition\FrozenGallery;

/** Takes a gallery off the pages of visitors, and what no other shows out of their reach; and brings it back. */
final readonly class TakeOffline
{
    public function __construct(private SiteBuilder $builder, private LiveFiles $files, private LiveLock $lock, private Releases $releases)
    {
    }

    /**
     * @throws BusyException when another gallery is going live, and takes long
     */
    public function handle(Gallery $gallery): void
    {
        $this->lock->during(function () use ($gallery): void {
            $this->rebuild(static fn (array $panes): array => array_values(array_filter($panes, static fn (array $pane): bool => $pane['gallery'] !== $gallery->id)));
            $last = Edition::query()->where('gallery_id', $gallery->id)->latest('id')->first();
            if ($last !== null) {
                $this->releases->withdraw($last->content, array_values(self::editions()));
            }
        });
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
            $this->publish($site, SiteState::with($gallery, $site));
        });
    }

    /**
     * @param  callable(list<array{id: string, gallery: string, spot: int, tile_size?: ?string}>): list<array{id: string, gallery: string, spot: int, tile_size?: ?string}>  $kept  of the panes of each page
     */
    private function rebuild(callable $kept): void
    {
        $site = Site::whole();
        if ($site->live !== null) {
            $this->publish($site, array_map(static fn (array $page): array => [...$page, 'panes' => $kept($page['panes'])], $site->live));
        }
    }

    /**
     * @param  array<string, array{title: string, menu_label: ?string, panes: list<array{id: string, gallery: string, spot: int, tile_size?: ?string}>}>  $state
     */
    private function publish(Site $site, array $state): void
    {
        $build = $this->files->write($this->builder->build($site, $state, self::editions()));
        $site->update(['live' => $state, 'build' => $build]);
        $this->files->show($build);
    }

    /**
     * @return array<string, FrozenGallery> of all galleries that are live, by gallery
     */
    private static function editions(): array
    {
        $editions = [];
        foreach (Gallery::query()->whereNotNull('edition_id')->with('edition')->get() as $gallery) {
            if ($gallery->edition !== null) {
                $editions[$gallery->id] = $gallery->edition->content;
            }
        }

        return $editions;
    }
}
