<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\NothingToUndoException;
use App\Actions\ToldAct;
use App\Models\EntryState;
use App\Models\SiteEntry;

/** What was done to the pages, in words, and the way back to any point of it. */
final readonly class SiteHistory
{
    /** Acts that are told at once. */
    private const MOST = 200;

    public function __construct(private SiteJournal $journal)
    {
    }

    /**
     * @param  ?int  $before  only acts before this one; null for the newest
     * @return array<string, mixed>
     */
    public function acts(?int $before): array
    {
        $entries = SiteEntry::query()->with('user')->where('state', '!=', EntryState::Superseded)->when($before !== null, static fn ($query) => $query->where('id', '<', $before))->latest('id')->limit(self::MOST + 1)->get();

        return [
            'acts' => array_values($entries->take(self::MOST)->map(ToldAct::line(...))->all()),
            'more' => $entries->count() > self::MOST,
        ];
    }

    /**
     * As the pages were after an act, as a new act.
     *
     * @throws NothingToUndoException when there is no such act, or something else was changed of what it speaks of
     */
    public function back(int $entry, ?string $userId): void
    {
        $since = SiteEntry::query()->where('state', EntryState::Done)->where('id', '>', $entry)->latest('id')->get();
        if ($since->isEmpty() || SiteEntry::query()->where('state', EntryState::Done)->whereKey($entry)->doesntExist()) {
            throw NothingToUndoException::noSuchPoint();
        }
        $this->journal->act($userId, static function () use ($since): void {
            foreach ($since as $done) {
                if (! Snapshot::now()->agreesWith($done->after)) {
                    throw NothingToUndoException::changedSince($done->summary);
                }
                SiteJournal::write($done->before);
            }
        });
    }
}
