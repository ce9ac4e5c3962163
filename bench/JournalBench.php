<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\ChangeGallery;
use App\Models\Gallery;
use App\Models\JournalEntry;
use Illuminate\Support\Facades\DB;

/** Whether a change is as quick after a day of changes as it was on the first. */
final class JournalBench
{
    /**
     * @param  int  $entries  of the journal
     * @return array<string, int|float>
     */
    public static function run(int $entries): array
    {
        $gallery = Galleries::of(100);
        $young = self::change($gallery);
        $one = (array) DB::table('journal_entries')->where('gallery_id', $gallery->id)->latest('id')->first();
        unset($one['id']);
        foreach (array_chunk(range(1, $entries), 500) as $some) {
            DB::table('journal_entries')->insert(array_map(static fn (): array => $one, $some));
        }
        $old = self::change($gallery);

        return ['entries' => JournalEntry::query()->where('gallery_id', $gallery->id)->count(), 'young_ms' => $young, 'old_ms' => $old, 'times' => round($old / $young, 2)];
    }

    private static function change(Gallery $gallery): float
    {
        $figures = Stopwatch::time(static function (int $run) use ($gallery): void {
            $version = Gallery::query()->findOrFail($gallery->id)->version;
            app(ChangeGallery::class)->asked($gallery->id, $version, ['kind' => 'about', 'about' => ['title' => "Kites {$run}"]], null);
        }, 31);

        return (float) $figures['median_ms'];
    }
}
