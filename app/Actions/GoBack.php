<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\JournalEntry;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\Together;

/** Brings a gallery back to how it was at a point of its history, as one new act, which can be taken back like any other. */
final readonly class GoBack
{
    public function __construct(private ChangeGallery $changes)
    {
    }

    /**
     * @param  int  $entry  after which act it is to be as it was then
     *
     * @throws StaleVersionException when there is a newer version
     * @throws NothingToUndoException when there is no such act, or nothing was done since
     */
    public function handle(string $galleryId, int $version, int $entry, ?string $userId): Gallery
    {
        $point = JournalEntry::query()->where('gallery_id', $galleryId)->where('state', EntryState::Done)->find($entry) ?? throw NothingToUndoException::noSuchPoint();
        $since = JournalEntry::query()->where('gallery_id', $galleryId)->where('state', EntryState::Done)->where('id', '>', $entry)->latest('id')->get();
        if ($since->isEmpty()) {
            throw NothingToUndoException::undo();
        }
        $back = Together::of(array_values($since->map(static fn (JournalEntry $done): Change => $done->inverse)->all()), "went back to after: {$point->summary}");

        return $this->changes->handle($galleryId, $version, $back, $userId);
    }
}
