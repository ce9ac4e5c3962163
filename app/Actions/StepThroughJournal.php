<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\Workshop;
use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\JournalEntry;
use Illuminate\Database\Connection;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\Changes;

/** Takes the last act on a gallery back, or does it again. Pictures that were deleted for good in the meantime stay away. */
final readonly class StepThroughJournal
{
    public function __construct(
        private Connection $database,
        private GalleryStore $store,
        private Workshop $workshop,
        private TidiedPictures $tidied,
    ) {
    }

    /**
     * @param  ?int  $entry  the act that the person means; another person's is not taken back without being named
     *
     * @throws StaleVersionException when there is a newer version
     * @throws NothingToUndoException when nothing is left, or it is another person's
     */
    public function undo(string $galleryId, int $version, ?int $entry, ?string $userId): Gallery
    {
        return $this->step($galleryId, $version, static function (Gallery $gallery) use ($entry, $userId): JournalEntry {
            $last = $gallery->lastDone() ?? throw NothingToUndoException::undo();
            if ($entry === null ? $last->user_id !== $userId : $last->id !== $entry) {
                throw NothingToUndoException::notYours($last->summary);
            }

            return $last;
        }, 'inverse', EntryState::Undone);
    }

    /**
     * @throws StaleVersionException when there is a newer version
     * @throws NothingToUndoException when nothing is left
     */
    public function redo(string $galleryId, int $version): Gallery
    {
        return $this->step($galleryId, $version, static fn (Gallery $gallery): JournalEntry => $gallery->firstUndone() ?? throw NothingToUndoException::redo(), 'change', EntryState::Done);
    }

    /**
     * @param  callable(Gallery): JournalEntry  $find
     * @param  'change'|'inverse'  $direction
     */
    private function step(string $galleryId, int $version, callable $find, string $direction, EntryState $outcome): Gallery
    {
        $wanted = static fn (JournalEntry $entry): Change => $direction === 'change' ? $entry->change : $entry->inverse;
        $before = $this->store->read($galleryId, $version);
        $this->tidied->prepare($before, $wanted($find($before)));
        $otherFiles = false;
        $gallery = $this->database->transaction(function () use ($galleryId, $version, $find, $wanted, $outcome, &$otherFiles): Gallery {
            $gallery = $this->store->read($galleryId, $version);
            $entry = $find($gallery);
            $change = Changes::fitting($wanted($entry), $gallery->document());
            $before = $this->tidied->told($gallery, $change);
            [$after, $gone] = $this->store->withoutGone($before, $change->appliedTo($before));
            $this->store->write($gallery, $before, $after);
            $gallery->gone = $gone;
            $entry->update(['state' => $outcome, 'state_version' => $gallery->version]);
            $otherFiles = ! $after->isLaidOutLike($before);

            return $gallery;
        });
        if ($otherFiles) {
            $this->workshop->makeWhatGalleryLacks($gallery->id);
        }

        return $gallery;
    }
}
