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
use ZincPane\Core\Changes\Joining;
use ZincPane\Core\Changes\Tidy;
use ZincPane\Core\Changes\Together;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Settings\SettingException;

/** Makes a change, and writes it into the journal together with the one that takes it back. */
final readonly class ChangeGallery
{
    /** Seconds after one step within which the next may belong to the same act. */
    private const ONE_ACT = 5;

    public function __construct(
        private Connection $database,
        private GalleryStore $store,
        private Workshop $workshop,
        private FindClashes $clashes,
        private TidiedPictures $tidied,
        private ChangeKeys $keys,
        private OwnIds $ids,
    ) {
    }

    /**
     * What a person asks for, as it came.
     *
     * @param  array<array-key, mixed>  $change  with "kind" and what the kind needs
     *
     * @throws StaleVersionException when there is a newer version
     * @throws ChangeException|SettingException when the change cannot be made; nothing was stored
     */
    public function asked(string $galleryId, int $version, array $change, ?string $userId, Asking $asking = new Asking): Gallery
    {
        return $this->handle($galleryId, $version, Changes::asked($change), $userId, $asking);
    }

    /**
     * @param  ?int  $version  that the change was made on; null when it stands on any
     * @param  bool  $isLast  nothing of the same act follows: the files that the layout needs are ordered
     *
     * @throws StaleVersionException when there is a newer version
     * @throws ChangeException|SettingException when the change cannot be made; nothing was stored
     */
    public function handle(string $galleryId, ?int $version, Change $change, ?string $userId, Asking $asking = new Asking, bool $isLast = true): Gallery
    {
        if ($change instanceof Tidy || $change instanceof Together) {
            $this->tidied->prepare($this->store->read($galleryId, null), $change);
        }
        $otherFiles = false;
        $gallery = $this->database->transaction(function () use ($galleryId, $version, $change, $userId, $asking, &$otherFiles): Gallery {
            $gallery = $this->store->read($galleryId, null);
            if ($this->keys->isMade($gallery, $asking->key)) {
                // It is done already; only the answer was lost.
                return $gallery;
            }
            $own = $version === null || $version === $gallery->version ? [] : $this->keys->ownSince($gallery, $version, $asking);
            if ($version !== null && $version !== $gallery->version && count($own) < $gallery->version - $version) {
                throw $this->clashes->of($gallery, $version, $change, $own);
            }
            $before = $this->tidied->told($gallery, $change);
            [$after, $gone] = $change instanceof Together ? $this->store->withoutGone($before, $change->appliedTo($before)) : [$change->appliedTo($before), 0];
            if ($after->isSameAs($before)) {
                return $gallery;
            }
            $this->ids->refuseTaken($gallery, $before, $after);
            $otherFiles = ! $after->isLaidOutLike($before);
            $earlier = $this->earlierStep($gallery, $change, $userId);
            $this->store->write($gallery, $before, $after);
            $gallery->journal()->where('state', EntryState::Undone)->update(['state' => EntryState::Superseded]);
            $earlier === null ? $this->note($gallery, new JournalEntry(['user_id' => $userId]), $change, $before) : $this->join($gallery, $earlier, $change, $before, $after);
            $this->keys->note($gallery, $asking->key);
            $gallery->gone = $gone;

            return $gallery;
        });
        if ($otherFiles && $isLast) {
            $this->workshop->makeWhatGalleryLacks($gallery->id);
        }

        return $gallery;
    }

    /** The entry of which the change is but a further step: the newest, by the same person, just now, and not live yet. */
    private function earlierStep(Gallery $gallery, Change $change, ?string $userId): ?JournalEntry
    {
        if (! $change instanceof Joining) {
            return null;
        }
        $last = JournalEntry::query()->where('gallery_id', $gallery->id)->where('version', $gallery->version)
            ->where('state', EntryState::Done)->where('state_version', 0)->where('is_live', false)->where('user_id', $userId)
            ->when(! $change->joinsLate(), static fn ($query) => $query->where('created_at', '>=', now()->subSeconds(self::ONE_ACT)))->latest('id')->first();

        return $last !== null && $change->joinedTo($last->change) !== null ? $last : null;
    }

    private function join(Gallery $gallery, JournalEntry $earlier, Change $change, GalleryDocument $before, GalleryDocument $after): void
    {
        $first = $earlier->inverse->appliedTo($before);
        if ($after->isSameAs($first)) {
            // Back where it began: nothing was done.
            $earlier->delete();

            return;
        }
        $joined = $change instanceof Joining ? $change->joinedTo($earlier->change) : null;
        $this->note($gallery, $earlier, $joined ?? $change, $first);
    }

    private function note(Gallery $gallery, JournalEntry $entry, Change $change, GalleryDocument $before): void
    {
        $gallery->journal()->save($entry->fill([
            'version' => $gallery->version,
            'change' => $change,
            'inverse' => $change->inverseFor($before),
            'schema' => GalleryDesign::SCHEMA,
            'summary' => $change->summary($before),
            'state' => EntryState::Done,
            'created_at' => now(),
        ]));
    }
}
