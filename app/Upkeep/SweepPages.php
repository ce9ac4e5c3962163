<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Models\Body;
use App\Models\Page;
use App\Models\Site;
use App\Models\SiteEntry;
use App\Models\SiteFile;
use Illuminate\Contracts\Filesystem\Factory;

/** Throws away words and files of pages that no page has, no visitor gets and no step back leads to. */
final readonly class SweepPages
{
    /** Minutes that something is kept which may still be on its way into a page. */
    private const YOUNG = 60;

    public function __construct(private Factory $disks)
    {
    }

    /**
     * @return int how many were thrown away
     */
    public function handle(): int
    {
        $bodies = array_fill_keys(Page::query()->pluck('body')->all(), true);
        $batches = array_fill_keys(Page::query()->whereNotNull('batch')->pluck('batch')->all(), true);
        $texts = Site::query()->toBase()->pluck('live')->all();
        foreach (SiteEntry::query()->toBase()->select(['before', 'after'])->orderBy('id')->cursor() as $entry) {
            self::note((string) json_encode($entry), $bodies, $batches);
        }
        foreach ($texts as $live) {
            self::note(is_string($live) ? $live : '', $bodies, $batches);
        }

        return $this->bodies($bodies) + $this->rows($batches) + $this->files();
    }

    /**
     * Whatever is told in rows, as JSON within JSON too.
     *
     * @param  array<string, true>  $bodies
     * @param  array<string, true>  $batches
     */
    private static function note(string $json, array &$bodies, array &$batches): void
    {
        preg_match_all('/\bbody\W+([0-9a-f]{64})\b/', $json, $hashes);
        preg_match_all('/\bbatch\W+([0-9a-z]{26})\b/i', $json, $told);
        $bodies += array_fill_keys($hashes[1], true);
        $batches += array_fill_keys($told[1], true);
    }

    /**
     * @param  array<string, true>  $wanted
     */
    private function bodies(array $wanted): int
    {
        $gone = array_filter(Body::query()->where('created_at', '<', now()->subMinutes(self::YOUNG))->pluck('hash')->all(), static fn (string $hash): bool => ! isset($wanted[$hash]));
        foreach (array_chunk($gone, 500) as $some) {
            Body::query()->whereIn('hash', $some)->delete();
        }

        return count($gone);
    }

    /**
     * @param  array<string, true>  $wanted
     */
    private function rows(array $wanted): int
    {
        $gone = SiteFile::query()->where('created_at', '<', now()->subMinutes(self::YOUNG))->get()->reject(static fn (SiteFile $file): bool => isset($wanted[$file->batch]));
        $gone->each->delete();

        return $gone->count();
    }

    /** Files that no row tells of, as of a page that is gone, or where a process was killed between file and row. */
    private function files(): int
    {
        $disk = $this->disks->disk('originals');
        $known = array_fill_keys(SiteFile::query()->pluck('hash')->all(), true);
        $gone = array_filter($disk->allFiles(SiteFile::FOLDER), static fn (string $file): bool => ! isset($known[basename($file)]) && $disk->lastModified($file) < time() - 60 * self::YOUNG);
        $disk->delete(array_values($gone));

        return count($gone);
    }
}
