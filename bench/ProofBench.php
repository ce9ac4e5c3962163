<?php

declare(strict_types=1);

namespace Bench;

/** From the PATCH of a gallery to its new proof, through HTTP, as a browser does it; by layout, the slowest is the figure. */
final class ProofBench
{
    private const RUNS = 11;

    /** Pictures that the growth is told from. */
    private const FEWER = 300;

    /**
     * With the growth of the layout that is the slowest.
     *
     * @return array<string, int|float|string>
     */
    public static function grown(int $count): array
    {
        $fewer = self::run(self::FEWER);
        $figures = self::run($count);

        return [...$figures, 'growth' => round((float) $figures['median_ms'] / (float) $fewer["{$figures['slowest']}_ms"], 2)];
    }

    /**
     * @return array<string, int|float|string>
     */
    public static function run(int $count): array
    {
        $gallery = Galleries::of($count);
        $studio = new ServedStudio;
        $slowest = ['median_ms' => 0.0, 'p95_ms' => 0.0, 'runs' => 0, 'gzip_bytes' => 0, 'slowest' => ''];
        $each = [];
        try {
            foreach (['grid', 'masonry', 'rows', 'mosaic', 'strip', 'slideshow', 'single'] as $kind) {
                $bytes = [];
                $state = ['version' => $studio->send('GET', "galleries/{$gallery->id}")['version'], 'key' => ''];
                $figures = Stopwatch::time(static function (int $run) use ($studio, $gallery, $kind, &$state, &$bytes): void {
                    $design = ['layout' => ['kind' => $kind, 'columns' => 2 + $run % 6, 'row_height' => 200 + 5 * $run, 'gap' => $run]];
                    $answer = $studio->send('PATCH', "galleries/{$gallery->id}", ['version' => $state['version'], 'shows' => $state['key'], 'change' => ['kind' => 'design', 'design' => $design]]);
                    $state = ['version' => $answer['version'], 'key' => data_get($answer, 'laid_out.proof.key')];
                    $bytes[] = $studio->received;
                }, self::RUNS);
                $each["{$kind}_ms"] = $figures['median_ms'];
                $slowest['gzip_bytes'] = max($slowest['gzip_bytes'], ...$bytes);
                if ($figures['median_ms'] > $slowest['median_ms']) {
                    $slowest = [...$slowest, ...$figures, 'slowest' => $kind];
                }
            }
        } finally {
            $studio->stop();
        }

        return [...$slowest, 'pictures' => $count, ...$each];
    }
}
