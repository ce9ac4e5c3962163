<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\NothingToUndoException;
use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\Page;
use App\Models\Pane;
use App\Models\Site;
use App\Models\SiteEntry;
use App\Publishing\WordsOfSite;
use Closure;
use Illuminate\Database\Connection;

/**
 * Acts on pages and places, written down in words together with what leads back.
 *
 * @phpstan-import-type Patch from Snapshot
 */
final readonly class SiteJournal
{
    /** Seconds after one step within which the next may belong to the same act, as while one types. */
    private const ONE_ACT = 10;

    /** Characters of what is told of one act. */
    private const LONGEST = 900;

    public function __construct(private Connection $database, private WordsOfSite $words)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function act(?string $userId, Closure $work): mixed
    {
        return $this->database->transaction(function () use ($userId, $work): mixed {
            $before = Snapshot::now();
            $outcome = $work();
            $this->note($userId, $before, Snapshot::now());

            return $outcome;
        });
    }

    private function note(?string $userId, Snapshot $before, Snapshot $after): void
    {
        $patch = $before->patchTo($after);
        if ($patch['pages'] === [] && $patch['panes'] === []) {
            return;
        }
        Page::query()->whereIn('id', $this->pagesOf($patch, $after))->toBase()->update(['changed_by' => $userId]);
        SiteEntry::query()->where('state', EntryState::Undone)->update(['state' => EntryState::Superseded]);
        $last = $this->earlierStep($userId, $patch, $before);
        $first = $last === null ? $before : $before->patched($last->before);
        if ($last !== null && $first->patchTo($after) === ['pages' => [], 'panes' => []]) {
            // Back where it began: nothing was done.
            $last->delete();

            return;
        }
        ($last ?? new SiteEntry(['user_id' => $userId]))->fill([
            'summary' => $this->summary($first, $after),
            'before' => $after->patchTo($first),
            'after' => $first->patchTo($after),
            'state' => EntryState::Done,
            'created_at' => now(),
        ])->save();
    }

    /**
     * The entry of which this is but a further step: the newest, by the same person, just now, of the very same settings.
     *
     * @param  Patch  $patch
     */
    private function earlierStep(?string $userId, array $patch, Snapshot $before): ?SiteEntry
    {
        $last = SiteEntry::query()->latest('id')->first();
        $isSame = $last !== null && $last->state === EntryState::Done && $last->user_id === $userId && $last->created_at->isAfter(now()->subSeconds(self::ONE_ACT))
            && array_diff(Snapshot::touched(['pages' => $before->pages, 'panes' => $before->panes], $patch), Snapshot::touched($last->before, $last->after)) === []
            && ! in_array(null, [...$last->before['pages'], ...$last->before['panes'], ...$patch['pages'], ...$patch['panes']], true);

        return $isSame ? $last : null;
    }

    private function summary(Snapshot $before, Snapshot $after): string
    {
        [$from, $to] = [$before->state(), $after->state()];
        $says = [];
        foreach ($this->words->of(Site::query()->firstOrFail())->between($from, $to) as $id => $words) {
            $title = ($to->pages[$id] ?? $from->pages[$id] ?? null)?->title;
            $says[] = ($title === null ? '' : "{$title}: ").implode(', ', $words);
        }

        return mb_substr($says === [] ? 'another order of the pages' : implode('; ', $says), 0, self::LONGEST);
    }

    /**
     * @param  Patch  $patch
     * @return list<string>
     */
    private function pagesOf(array $patch, Snapshot $after): array
    {
        $ofPanes = array_map(static fn (string $id): mixed => $after->panes[$id]['page_id'] ?? null, array_keys($patch['panes']));

        return array_values(array_filter([...array_keys($patch['pages']), ...$ofPanes], is_string(...)));
    }

    public function lastDone(): ?SiteEntry
    {
        return SiteEntry::query()->where('state', EntryState::Done)->latest('id')->first();
    }

    public function firstUndone(): ?SiteEntry
    {
        return SiteEntry::query()->where('state', EntryState::Undone)->oldest('id')->first();
    }

    /**
     * @param  ?int  $entry  the act that the person means; another person's is not taken back without being named
     *
     * @throws NothingToUndoException when nothing is left, it is another person's, or something of it was changed since
     */
    public function undo(?int $entry, ?string $userId): void
    {
        $this->database->transaction(function () use ($entry, $userId): void {
            $last = $this->lastDone() ?? throw NothingToUndoException::undo();
            if ($entry === null ? $last->user_id !== $userId : $last->id !== $entry) {
                throw NothingToUndoException::notYours($last->summary);
            }
            $this->step($last, $last->after, $last->before, EntryState::Undone);
        });
    }

    /**
     * @throws NothingToUndoException when nothing is left, or something of it was changed since
     */
    public function redo(): void
    {
        $this->database->transaction(function (): void {
            $first = $this->firstUndone() ?? throw NothingToUndoException::redo();
            $this->step($first, $first->before, $first->after, EntryState::Done);
        });
    }

    /**
     * @param  Patch  $from  as it must be
     * @param  Patch  $to
     */
    private function step(SiteEntry $entry, array $from, array $to, EntryState $outcome): void
    {
        $galleries = array_unique(array_filter(array_column(array_filter($to['panes'], is_array(...)), 'gallery_id'), is_string(...)));
        if (! Snapshot::now()->agreesWith($from) || Gallery::query()->whereIn('id', $galleries)->count() < count($galleries)) {
            throw NothingToUndoException::changedSince($entry->summary);
        }
        self::write($to);
        $entry->update(['state' => $outcome]);
    }

    /**
     * @param  Patch  $patch
     */
    public static function write(array $patch): void
    {
        $gone = static fn (array $rows): array => array_keys(array_filter($rows, is_null(...)));
        Pane::query()->whereIn('id', $gone($patch['panes']))->delete();
        Page::query()->whereIn('id', $gone($patch['pages']))->delete();
        foreach ([[Page::class, $patch['pages']], [Pane::class, $patch['panes']]] as [$model, $rows]) {
            foreach (array_filter($rows, is_array(...)) as $id => $row) {
                $model::query()->toBase()->updateOrInsert(['id' => $id], [...$row, 'updated_at' => now()]);
            }
        }
    }
}
