<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Models\Body;
use App\Models\Page;
use App\Models\Site;
use App\Models\SiteEntry;
use App\Models\SiteFile;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

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
        $bodies = self::named(Page::query()->pluck('body'));
        $batches = self::named(Page::query()->whereNotNull('batch')->pluck('batch'));
        $texts = Site::query()->toBase()->pluck('live')->all();
        foreach (SiteEntry::query()->toBase()->select(['before', 'after'])->orderBy('id')->cursor() as $entry) {
            self::note((string) json_encode($entry), $bodies, $batches);
        }
        foreach ($texts as $live) {
            self::note(is_string($live) ? $live : '', $bodies, $batches);
        }

        return self::unwanted(Body::query(), 'hash', $bodies) + self::unwanted(SiteFile::query(), 'batch', $batches) + $this->files();
    }

    /**
     * @param  Collection<array-key, mixed>  $names
     * @return array<string, true>
     */
    private static function named(Collection $names): array
    {
        return array_fill_keys(array_filter($names->all(), is_string(...)), true);
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
     * Rows that are old enough, and of which nothing tells.
     *
     * @param  Builder<Body>|Builder<SiteFile>  $rows
     * @param  array<string, true>  $wanted  by what is in the column
     */
    private static function unwanted(Builder $rows, string $column, array $wanted): int
    {
        $old = $rows->toBase()->where('created_at', '<', now()->subMinutes(self::YOUNG));
        $gone = array_keys(array_diff_key(self::named($old->clone()->distinct()->pluck($column)), $wanted));

        return array_sum(array_map(static fn (array $some): int => $old->clone()->whereIn($column, $some)->delete(), array_chunk($gone, 500)));
    }

    /** Files that no row tells of, as of a page that is gone, or where a process was killed between file and row. */
    private function files(): int
    {
        $disk = $this->disks->disk('originals');
        $known = self::named(SiteFile::query()->pluck('hash'));
        $gone = array_filter($disk->allFiles(SiteFile::FOLDER), static fn (string $file): bool => ! isset($known[basename($file)]) && $disk->lastModified($file) < time() - 60 * self::YOUNG);
        $disk->delete(array_values($gone));

        return count($gone);
    }
}
