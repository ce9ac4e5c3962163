<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\JournalEntry;
use Illuminate\Database\ConnectionInterface;

/** Takes the last act on a gallery back, or does it again. */
final readonly class StepThroughJournal
{
    public function __construct(
        private ConnectionInterface $database,
        private GalleryStore $store,
        private QueueMissingRenditions $queue,
    ) {
    }

    /**
     * @throws StaleVersionException when there is a newer version
     * @throws NothingToUndoException when nothing is left
     */
    public function undo(string $galleryId, int $version): Gallery
    {
        return $this->step($galleryId, $version, function (Gallery $gallery): JournalEntry {
            return $gallery->journal()->where('state', EntryState::Done)->reorder('id', 'desc')->first()
                ?? throw NothingToUndoException::undo();
        }, 'inverse', EntryState::Undone);
    }

    /**
     * @throws StaleVersionException when there is a newer version
     * @throws NothingToUndoException when nothing is left
     */
    public function redo(string $galleryId, int $version): Gallery
    {
        return $this->step($galleryId, $version, function (Gallery $gallery): JournalEntry {
            return $gallery->journal()->where('state', EntryState::Undone)->reorder('id')->first()
                ?? throw NothingToUndoException::redo();
        }, 'change', EntryState::Done);
    }

    /**
     * @param  callable(Gallery): JournalEntry  $find
     * @param  'change'|'inverse'  $direction
     */
    private function step(string $galleryId, int $version, callable $find, string $direction, EntryState $outcome): Gallery
    {
        $gallery = $this->database->transaction(function () use ($galleryId, $version, $find, $direction, $outcome): Gallery {
            $gallery = $this->store->read($galleryId, $version);
            $entry = $find($gallery);
            $before = $gallery->document();
            $after = ($direction === 'change' ? $entry->change : $entry->inverse)->appliedTo($before);
            $this->store->refuseGone($before, $after);
            $this->store->write($gallery, $before, $after);
            $entry->update(['state' => $outcome, 'state_version' => $gallery->version]);

            return $gallery;
        });
        $this->queue->handle($gallery);

        return $gallery;
    }
}
