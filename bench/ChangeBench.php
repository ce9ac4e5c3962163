<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\FillWords;
use App\Actions\WordsTable;
use App\Models\Gallery;

/** What a person does to the words of large galleries: through HTTP where a person waits for it. */
final class ChangeBench
{
    /** Pictures that the growth is told from. */
    private const FEWER = 300;

    /**
     * A caption is changed while the table of words is on the screen.
     *
     * @return array<string, int|float>
     */
    public static function caption(int $count): array
    {
        $studio = new ServedStudio;
        try {
            $fewer = self::captionOf($studio, self::FEWER);

            return self::grown(self::captionOf($studio, $count), $fewer);
        } finally {
            $studio->stop();
        }
    }

    /**
     * @return array<string, int|float>
     */
    private static function captionOf(ServedStudio $studio, int $count): array
    {
        $gallery = Galleries::of($count);
        $version = $studio->send('GET', "galleries/{$gallery->id}")['version'];
        $items = self::itemsOf($gallery);
        $opened = $studio->received;
        $bytes = 0;
        $figures = Stopwatch::time(static function (int $run) use ($studio, $gallery, $items, &$version, &$bytes): void {
            $version = $studio->send('PATCH', "galleries/{$gallery->id}", ['version' => $version, 'change' => ['kind' => 'words', 'words' => [$items[$run % count($items)] => ['caption' => "At noon, {$run}"]]]])['version'];
            $bytes = max($bytes, $studio->received);
        }, 21);

        return [...$figures, 'gzip_bytes' => $bytes, 'opened_gzip_bytes' => $opened];
    }

    /**
     * @return array<string, int|float>
     */
    public static function fill(int $count): array
    {
        $of = static function (int $count): array {
            $gallery = Galleries::of($count);
            $ids = self::itemsOf($gallery);

            return Stopwatch::time(static fn (int $run): Gallery => app(FillWords::class)->handle(
                $fresh = Gallery::query()->findOrFail($gallery->id), $fresh->version, ['field' => 'caption', 'act' => 'set', 'text' => "{title}, {number} of {count} ({album}), {$run}"], $ids, null,
            ), 5);
        };
        $fewer = $of(self::FEWER);

        return self::grown($of($count), $fewer);
    }

    /**
     * @return array<string, int|float>
     */
    public static function csv(int $count): array
    {
        $of = static function (int $count): array {
            $gallery = Galleries::of($count);
            $table = app(WordsTable::class);
            $csv = str_replace('What is to be seen', 'What was seen', $table->out($gallery));

            return Stopwatch::time(static fn (): array => $table->preview(Gallery::query()->findOrFail($gallery->id), $csv), 3);
        };
        $fewer = $of(intdiv($count, 10) * 3);

        return self::grown($of($count), $fewer);
    }

    /**
     * @return list<string>
     */
    private static function itemsOf(Gallery $gallery): array
    {
        return array_values(array_filter($gallery->items()->pluck('id')->all(), is_string(...)));
    }

    /**
     * @param  array<string, int|float>  $figures
     * @param  array<string, int|float>  $fewer
     * @return array<string, int|float>
     */
    private static function grown(array $figures, array $fewer): array
    {
        return [...$figures, 'growth' => round($figures['median_ms'] / $fewer['median_ms'], 2)];
    }
}
