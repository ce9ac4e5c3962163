<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

/**
 * Landscape and portrait in turn. Where there are more of one, the others are spread evenly among
 * them; square pictures go with whichever there is less of. Each kind keeps its own order.
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
        if (count($landscape) < count($portrait)) {
            $landscape = self::merged($landscape, $square);
        } else {
            $portrait = self::merged($portrait, $square);
        }

        return self::merged($landscape, $portrait);
    }

    public function summary(): string
    {
        return 'alternated landscape and portrait';
    }

    /**
     * Both lists, each spread evenly over the whole; the longer one begins.
     *
     * @param  list<int>  $one
     * @param  list<int>  $other
     * @return list<int>
     */
    private static function merged(array $one, array $other): array
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
