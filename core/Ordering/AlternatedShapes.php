<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

/**
 * Landscape and portrait in turn. Where there are more of one, the others part them into runs as short as can be, which
 * differ by one at most; square pictures go with whichever there is less of. Each kind keeps its own order.
 */
final readonly class AlternatedShapes implements Order
{
    /** A picture is square when its sides differ by no more than this factor. */
    private const SQUARE = 1.05;

    public function arrange(array $items): array
    {
        $landscape = $portrait = $square = [];
        foreach ($items as $i => $item) {
            $ratio = $item->shape->value;
            match (true) {
                $ratio > self::SQUARE => $landscape[] = $i,
                $ratio < 1 / self::SQUARE => $portrait[] = $i,
                default => $square[] = $i,
            };
        }
        // So many squares make as many of both; what is left of them is shared.
        $lacking = abs(count($landscape) - count($portrait));
        $toFewer = min(count($square), $lacking + intdiv(max(0, count($square) - $lacking), 2));
        [$fewer, $more] = count($landscape) < count($portrait) ? [$landscape, $portrait] : [$portrait, $landscape];
        $fewer = self::spread($fewer, array_slice($square, 0, $toFewer));
        $more = self::spread($more, array_slice($square, $toFewer));

        // Whichever place a square fills, squares keep their own order.
        $next = 0;

        return array_map(static function (int $i) use ($items, $square, &$next): int {
            $ratio = $items[$i]->shape->value;

            return $ratio > self::SQUARE || $ratio < 1 / self::SQUARE ? $i : $square[$next++];
        }, self::parted($more, $fewer));
    }

    public function summary(): string
    {
        return 'alternated landscape and portrait';
    }

    /**
     * Runs of the one, parted by single ones of the other.
     *
     * @param  list<int>  $more
     * @param  list<int>  $fewer  no more than those
     * @return list<int>
     */
    private static function parted(array $more, array $fewer): array
    {
        if (count($more) === count($fewer) && ($fewer[0] ?? 0) < ($more[0] ?? 0)) {
            [$more, $fewer] = [$fewer, $more];
        }
        $runs = count($fewer) === count($more) ? max(1, count($more)) : count($fewer) + 1;
        $order = [];
        $begun = 0;
        for ($run = 0; $run < $runs; $run++) {
            $end = (int) round(count($more) * ($run + 1) / $runs);
            array_push($order, ...array_slice($more, $begun, $end - $begun), ...array_slice($fewer, $run, 1));
            $begun = $end;
        }

        return $order;
    }

    /**
     * Both lists, each spread evenly over the whole.
     *
     * @param  list<int>  $one
     * @param  list<int>  $other
     * @return list<int>
     */
    private static function spread(array $one, array $other): array
    {
        $spread = [];
        foreach (count($one) < count($other) ? [$other, $one] : [$one, $other] as $list) {
            foreach ($list as $k => $i) {
                $spread[] = [($k + 0.5) / count($list), $i];
            }
        }
        usort($spread, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($spread, 1);
    }
}
