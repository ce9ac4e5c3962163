<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Intake\BatchLock;
use App\Intake\Workshop;
use App\Models\Batch;
use App\Models\Picture;
use App\Models\PictureState;
use App\Publishing\LiveSite;
use Illuminate\Config\Repository;
use Illuminate\Database\Connection;

/** Takes up what was left lying: by a process that was killed, or while the disk was full. Runs every minute, and as a worker begins. */
final readonly class Tend
{
    /** Seconds that a picture or a batch may wait for its turn before it is ordered again. */
    private const PATIENCE = 60;

    /** Minutes until what failed is tried again, doubled each time, up to a day. */
    private const FIRST_AGAIN = 2;

    private const DAY = 24 * 60;

    public function __construct(
        private LiveSite $live,
        private BatchLock $lock,
        private Workshop $workshop,
        private Connection $database,
        private Repository $config,
    ) {
    }

    public function handle(): void
    {
        $this->live->settle();
        $this->batches();
        $this->pictures();
    }

    /**
     * What a worker of the database's queue held as it was killed is anyone's again; a second worker that
     * still holds some is not hurt: all work here may be done twice.
     */
    public function release(string $queue): void
    {
        if ($this->config->get('queue.default') === 'database') {
            $this->database->table('jobs')->whereIn('queue', explode(',', $queue))->whereNotNull('reserved_at')->update(['reserved_at' => null]);
        }
    }

    private function batches(): void
    {
        $left = Batch::open()->where('updated_at', '<', now()->subSeconds(self::PATIENCE))->get();
        foreach ($left->filter(fn (Batch $batch): bool => $this->lock->isFree($batch)) as $batch) {
            $batch->touch();
            if ($batch->purpose === Batch::GALLERY) {
                $this->workshop->makeGallery($batch->id);
            } elseif ($batch->order === null) {
                $this->workshop->takeInZip($batch->id);
            } else {
                $this->workshop->takeFilesOfSource($batch->id, $batch->order['source'], $batch->order['files']);
            }
        }
    }

    private function pictures(): void
    {
        $waiting = Picture::query()->where('state', PictureState::Preparing)->where('updated_at', '<', now()->subSeconds(self::PATIENCE))->pluck('id')->all();
        $failed = Picture::query()->where('state', PictureState::Failed)->whereNull('binned_at')->get(['id', 'tries', 'updated_at'])
            ->filter(static fn (Picture $picture): bool => self::isDue($picture))->modelKeys();
        foreach (array_filter([...$waiting, ...$failed], is_string(...)) as $id) {
            $this->workshop->makeRenditions($id);
        }
    }

    private static function isDue(Picture $picture): bool
    {
        $minutes = min(self::DAY, self::FIRST_AGAIN * 2 ** min(12, max(0, $picture->tries - 1)));

        return $picture->updated_at->lt(now()->subMinutes($minutes));
    }
}
