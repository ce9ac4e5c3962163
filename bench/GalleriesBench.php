<?php

declare(strict_types=1);

namespace Bench;

/** The list of galleries, each drawn in small: as one sees it again, and for the first time. */
final class GalleriesBench
{
    private const PICTURES = 24;

    /**
     * @return array<string, int|float>
     */
    public static function run(int $count): array
    {
        for ($i = 0; $i < $count; $i++) {
            Galleries::of(self::PICTURES, "Gallery {$i}");
        }
        $studio = new ServedStudio;
        try {
            // What was just changed is drawn each time.
            sleep(4);
            $begun = hrtime(true);
            $studio->send('GET', 'galleries');
            $first = round((hrtime(true) - $begun) / 1e6, 2);

            return [...Stopwatch::time(static fn (): array => $studio->send('GET', 'galleries'), 21), 'gzip_bytes' => $studio->received, 'first_ms' => $first];
        } finally {
            $studio->stop();
        }
    }
}
