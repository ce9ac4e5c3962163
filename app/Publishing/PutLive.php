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
use App\Models\Site;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Expression;
use ZincPane\Core\Edition\FrozenGallery;

/** The one act that makes the saved state of a gallery, and the places it stands at, public. */
final readonly class PutLive
{
    public function __construct(
        private ConnectionInterface $database,
        private GalleryStore $store,
        private PrepareGallery $preparation,
        private SiteBuilder $builder,
        private LiveFiles $files,
        private LiveLock $lock,
        private Releases $releases,
        private FilesAtHand $atHand,
    ) {
    }

    /**
     * @param  ?int  $version  that the person saw; null for whatever is saved
     *
     * @throws StaleVersionException when there is a newer version
     * @throws ImagingException when a file that visitors need cannot be made
     * @throws BusyException when another gallery is going live, and takes long
     */
    public function handle(string $galleryId, ?int $version, ?string $userId): Gallery
    {
        return $this->lock->during(fn (): Gallery => $this->putLive($galleryId, $version, $userId));
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

    private function putLive(string $galleryId, ?int $version, ?string $userId): Gallery
    {
        $this->preparation->handle($galleryId, $version);
        $gallery = $this->store->read($galleryId, $version)->load(Gallery::ITEMS);
        if ($this->atHand->forgetLost($gallery)) {
            $this->preparation->handle($galleryId, $version);
            $gallery = $this->store->read($galleryId, $version)->load(Gallery::ITEMS);
        }
        $site = Site::whole();
        $frozen = Drafts::of($gallery);
        $this->releases->release($gallery);
        $this->atHand->refuseDeadLinks($frozen);

        $state = SiteState::with($gallery, $site);
        $before = $gallery->edition?->content;
        $others = $this->otherEditions($gallery);
        $build = $this->files->write($this->builder->build($site, $state, [...$others, $gallery->id => $frozen]));
        $this->database->transaction(function () use ($gallery, $site, $state, $build, $frozen, $userId): void {
            // What was drawn must still be what is saved; else the person is told and looks again.
            $this->store->read($gallery->id, $gallery->version);
            JournalEntry::query()->where('gallery_id', $gallery->id)->toBase()->update(['is_live' => new Expression("state = 'done'")]);
            $edition = Edition::query()->create([
                'gallery_id' => $gallery->id,
                'user_id' => $userId,
                'version' => $gallery->version,
                'content' => $frozen,
            ]);
            $gallery->update(['edition_id' => $edition->id]);
            $site->update(['live' => $state, 'build' => $build]);
        });
        $this->files->show($build);
        $before === null ?: $this->releases->takeBack([$before], [...array_values($others), $frozen]);

        return $gallery;
    }

    /**
     * @return array<string, FrozenGallery>
     */
    private function otherEditions(Gallery $gallery): array
    {
        $editions = [];
        foreach (Gallery::query()->whereKeyNot($gallery->id)->whereNotNull('edition_id')->with('edition')->get() as $other) {
            if ($other->edition !== null) {
                $editions[$other->id] = $other->edition->content;
            }
        }

        return $editions;
    }
}
