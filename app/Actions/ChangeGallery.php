<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\EntryState;
use App\Models\Gallery;
use Illuminate\Database\ConnectionInterface;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Settings\SettingException;

/** Makes a change, and writes it into the journal together with the one that takes it back. */
final readonly class ChangeGallery
{
    public function __construct(
        private ConnectionInterface $database,
        private GalleryStore $store,
        private QueueMissingRenditions $queue,
        private FindClashes $clashes,
    ) {
    }

    /**
     * @param  ?int  $version  that the change was made on; null when it stands on any
     *
     * @throws StaleVersionException when there is a newer version
     * @throws ChangeException|SettingException when the change cannot be made; nothing was stored
     */
    public function handle(string $galleryId, ?int $version, Change $change, ?string $userId): Gallery
    {
        $gallery = $this->database->transaction(function () use ($galleryId, $version, $change, $userId): Gallery {
            $gallery = $this->store->read($galleryId, null);
            if ($version !== null && $version !== $gallery->version) {
                throw $this->clashes->of($gallery, $version, $change);
            }
            $before = $gallery->document();
            $after = $change->appliedTo($before);
            if ($after->isSameAs($before)) {
                return $gallery;
            }
            $this->store->write($gallery, $before, $after);
            $gallery->journal()->where('state', EntryState::Undone)->update(['state' => EntryState::Superseded]);
            $gallery->journal()->create([
                'user_id' => $userId,
                'version' => $gallery->version,
                'change' => $change->toArray(),
                'inverse' => $change->inverseFor($before)->toArray(),
                'summary' => $change->summary(),
                'state' => EntryState::Done,
            ]);

            return $gallery;
        });
        $this->queue->handle($gallery);

        return $gallery;
    }
}
