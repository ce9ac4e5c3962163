<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\PutInArrivals;
use App\Models\Gallery;
use App\Models\JournalEntry;
use App\Models\Upload;
use App\Models\User;

/**
 * A hundred files dropped on a gallery that has some already: what it takes beside the pictures' own work,
 * which is left out by pictures that are in the store before. Through the very action that the end of an
 * upload calls.
 */
final class AddBench
{
    private const THERE = 300;

    /**
     * @return array<string, int|float>
     */
    public static function run(int $count): array
    {
        $of = static function (int $there) use ($count): array {
            $gallery = Galleries::of($there);
            $come = Galleries::of($count)->items()->orderBy('position')->pluck('picture_id')->all();
            $entries = JournalEntry::query()->where('gallery_id', $gallery->id)->count();
            $user = User::query()->firstOrCreate(['email' => 'bench@saltreed.example'], ['name' => 'Bench', 'password' => 'bench']);
            $begun = hrtime(true);
            foreach ($come as $place => $picture) {
                $upload = Upload::query()->create(['user_id' => $user->id, 'gallery_id' => $gallery->id, 'arrival' => sprintf('drop-%s:%06d', $gallery->id, $place), 'name' => "{$place}.jpg", 'bytes' => 1, 'of' => $count]);
                $upload->update(['picture_id' => $picture, 'outcome' => ['picture' => $picture]]);
                app(PutInArrivals::class)->handle($upload);
            }
            $milliseconds = (hrtime(true) - $begun) / 1e6;
            $put = Gallery::query()->findOrFail($gallery->id)->items()->count() - $there;

            return ['median_ms' => round($milliseconds, 2), 'put_in' => $put, 'journal_entries' => JournalEntry::query()->where('gallery_id', $gallery->id)->count() - $entries];
        };
        $of(10);

        return [...$of(self::THERE), 'files' => $count];
    }
}
