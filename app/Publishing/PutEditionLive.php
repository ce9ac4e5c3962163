<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Imaging\ImagingException;
use App\Models\Edition;
use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\JournalEntry;
use App\Models\Site;
use Illuminate\Database\Query\Expression;

/** Makes what a gallery was once, for visitors, public again; what is being worked on stays as it is. */
final readonly class PutEditionLive
{
    public function __construct(private LiveSite $live, private LiveLock $lock, private EditionFiles $files)
    {
    }

    /**
     * @return int pictures that stay away: they were deleted for good, or taken offline
     *
     * @throws ImagingException when a file cannot be written
     * @throws BusyException when another gallery is going live, and takes long
     */
    public function handle(Edition $edition, ?string $userId): int
    {
        return $this->lock->during(function () use ($edition, $userId): int {
            $gallery = Gallery::query()->findOrFail($edition->gallery_id);
            $content = $this->files->release($edition->content, $gallery->isLocked());
            $site = Site::whole();
            $before = LiveSite::editions();
            // A gallery that was offline comes back where it stands.
            $state = $gallery->edition_id === null ? $site->asLive()->with($site->asSaved(), [$gallery->id], [], PutLive::heldBack($site)) : $site->asLive();
            $this->live->publish($site, $state, $before, [...$before, $gallery->id => $content], [], static function () use ($edition, $gallery, $content, $userId): void {
                $own = Edition::query()->create(['gallery_id' => $gallery->id, 'user_id' => $userId, 'version' => $edition->version, 'content' => $content]);
                Gallery::query()->whereKey($gallery->id)->toBase()->update(['edition_id' => $own->id]);
                // What was done since is not live any more.
                JournalEntry::query()->where('gallery_id', $gallery->id)->toBase()->update(['is_live' => new Expression("state = '".EntryState::Done->value."' and version <= {$edition->version}")]);
            });

            return count($edition->content->items) - count($content->items);
        });
    }
}
