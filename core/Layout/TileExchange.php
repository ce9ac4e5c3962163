<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/** Some of the last tiles of one column of a masonry against some of another's, so that their ends come together by a wished length. */
final readonly class TileExchange
{
    /** Tiles of each column among which is chosen: all of their 2^n subsets are looked at. */
    private const TILES = 6;

    /** The nearest exchanges that are held against the reading order. */
    private const TRIED = 20;

    /**
     * @param  list<float>  $heights  of all tiles, px
     * @param  list<int>  $chosen  the column of each
     * @param  int  $first  tile that may be moved
     */
    public function __construct(private array $heights, private array $chosen, private int $first)
    {
    }

    /**
     * @param  float  $wished  px by which the long column is to become shorter, and the short one longer
     * @param  list<ReadingOrder>  $orders  that must hold
     * @return array{list<int>, float}|null columns, and px really moved; null where no exchange brings the ends nearer to each other
     */
    public function between(int $long, int $short, float $wished, array $orders): ?array
    {
        $given = $this->lastOf($long);
        $taken = $this->lastOf($short);
        foreach (self::nearest($this->sums($given), $this->sums($taken), $wished) as [$give, $take, $moved]) {
            $chosen = $this->chosen;
            foreach ($given as $n => $tile) {
                $chosen[$tile] = ($give >> $n & 1) === 1 ? $short : $long;
            }
            foreach ($taken as $n => $tile) {
                $chosen[$tile] = ($take >> $n & 1) === 1 ? $long : $short;
            }
            foreach ($orders as $order) {
                if (! $order->holds($chosen)) {
                    continue 2;
                }
            }

            return [array_values($chosen), $moved];
        }

        return null;
    }

    /**
     * @return list<int> tiles, the last first
     */
    private function lastOf(int $column): array
    {
        $tiles = [];
        for ($i = count($this->chosen) - 1; $i >= $this->first && count($tiles) < self::TILES; $i--) {
            if ($this->chosen[$i] === $column) {
                $tiles[] = $i;
            }
        }

        return $tiles;
    }

    /**
     * @param  list<int>  $tiles
     * @return non-empty-array<int, float> how high each subset is, px; by its bits, in order of height
     */
    private function sums(array $tiles): array
    {
        $sums = [0.0];
        foreach ($tiles as $n => $tile) {
            for ($below = 0; $below < 1 << $n; $below++) {
                $sums[$below | 1 << $n] = $sums[$below] + $this->heights[$tile];
            }
        }
        asort($sums);

        return $sums;
    }

    /**
     * Pairs of subsets whose difference is nearest to a length, the nearest first; only those that bring the ends nearer.
     *
     * @param  non-empty-array<int, float>  $give
     * @param  non-empty-array<int, float>  $take
     * @return list<array{int, int, float}> bits of both, and px moved
     */
    private static function nearest(array $give, array $take, float $wished): array
    {
        $takeBits = array_keys($take);
        $takeSums = array_values($take);
        $last = count($takeSums) - 1;
        $pairs = $off = [];
        $at = 0;
        foreach ($give as $bits => $sum) {
            while ($at < $last && $takeSums[$at + 1] <= $sum - $wished) {
                $at++;
            }
            for ($k = max(0, $at - 1), $end = min($last, $at + 2); $k <= $end; $k++) {
                $moved = $sum - $takeSums[$k];
                // Whatever moves less than nothing, or more than twice as much, brings them no nearer.
                if ($moved > 0.0 && $moved < 2 * $wished) {
                    $pairs[] = [$bits, $takeBits[$k], $moved];
                    $off[] = abs($moved - $wished);
                }
            }
        }
        asort($off);

        return array_map(static fn (int $n): array => $pairs[$n], array_slice(array_keys($off), 0, self::TRIED));
    }
}
