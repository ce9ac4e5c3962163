<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * Which patterns the blocks of a mosaic have, at one width.
 *
 * The pattern of a block is chosen by the pictures from its first on, as far as a horizon: so a
 * picture that is added at the end changes only the blocks that begin within twenty places of it. What
 * follows within the horizon is laid out as well as can be, by dynamic programming; the first block
 * of the best way is taken. A block costs, for each of its tiles, a / A + A / a - 2.5, where that is
 * above zero: a is its area, A what is wished of it, of ordinary tiles 1.2 times the square of the
 * wished height, of chosen ones five times that; so anything from half to twice A is free. The same
 * pattern again costs a little, and a block without a stack.
 */
final class MosaicChoice
{
    /** Pictures ahead among which a block is chosen. */
    private const HORIZON = 12;

    /** Places before the end from which on blocks may change when a picture is added there. */
    public const REACH = self::HORIZON + 8;

    /** Ordinary area, in squares of the wished height; chosen tiles have so many times that. */
    private const AREA = 1.2;

    private const LARGE = 5.0;

    /** A block is at least and at most so many times as high as the wished height, where it can be. */
    private const LOWEST = 0.8;

    private const HIGHEST = 3.2;

    /** What the same pattern again costs, and a block of no mixture. */
    private const AGAIN = 0.25;

    private const PLAIN = 0.12;

    /** px that a stack is wide at least, where the band begins; gaps and captions might eat it up. */
    private const NARROWEST_STACK = 24;

    /** @var array<int, list<float>> α of the stack, by size and first tile */
    private array $alphas = [1 => [], 2 => [], 3 => []];

    /** @var array<int, float> px within a stack that are no picture, by size */
    private array $within;

    /** @var array<int, array<int, float>> costs by first tile and number of the pattern */
    private array $costs = [];

    /** @var array<int, int> tiles of each pattern that may serve at this width */
    private array $tiles = [];

    /**
     * @param  list<float>  $inverse  height over width of each picture
     * @param  float  $from  px of width where the band begins
     * @param  float  $width  px, in the middle of the band
     * @param  float  $height  px, wished for an ordinary tile
     * @param  array<int, bool>  $large
     */
    public function __construct(
        private readonly array $inverse,
        private readonly float $from,
        private readonly float $width,
        private readonly float $height,
        private readonly int $gap,
        private readonly TileFrame $frame,
        private readonly array $large,
    ) {
        // Stacks are seldom narrower than four tenths of the wished height.
        foreach (MosaicBlock::PATTERNS as $number => $pattern) {
            if ($number === 0 || count($pattern) * (0.45 * $height + $gap) <= $width) {
                $this->tiles[$number] = array_sum($pattern);
            }
        }
        $around = $frame->down();
        $this->within = [1 => $around, 2 => $gap + 2 * $around, 3 => 2 * $gap + 3 * $around];
        $count = count($inverse);
        for ($i = 0; $i < $count; $i++) {
            $sum = 0.0;
            for ($n = 1; $n <= 3 && $i + $n <= $count; $n++) {
                $sum += $inverse[$i + $n - 1];
                $this->alphas[$n][] = 1 / $sum;
            }
        }
    }

    /**
     * @return array{float, float} α and β of a stack
     */
    public function stack(int $first, int $size): array
    {
        $alpha = $this->alphas[$size][$first];

        return [$alpha, $this->frame->across() - $alpha * $this->within[$size]];
    }

    /**
     * @return list<array{int, list<int>, float, float}> first tile, pattern, Σα, Σβ with the gaps
     */
    public function patterns(): array
    {
        $chosen = [];
        $count = count($this->inverse);
        $last = -1;
        for ($first = 0; $first < $count; $first += array_sum($pattern)) {
            $last = $this->firstOfBest($first, min($count, $first + self::HORIZON), $count, $last);
            $pattern = MosaicBlock::PATTERNS[$last];
            $chosen[] = [$first, $pattern, ...$this->sums($first, $pattern)];
            for ($i = $first; $i < $first + array_sum($pattern); $i++) {
                unset($this->costs[$i]);
            }
        }

        return $chosen;
    }

    /**
     * @param  list<int>  $pattern
     * @return array{float, float} Σα, and Σβ with the gaps
     */
    private function sums(int $first, array $pattern): array
    {
        $alpha = 0.0;
        $beta = $this->beside(count($pattern));
        $i = $first;
        foreach ($pattern as $stacked) {
            $a = $this->alphas[$stacked][$i];
            $alpha += $a;
            $beta -= $a * $this->within[$stacked];
            $i += $stacked;
        }

        return [$alpha, $beta];
    }

    /**
     * @return int number of the pattern
     */
    private function firstOfBest(int $first, int $until, int $count, int $last): int
    {
        // From the end backwards: what the rest costs at least. Past the horizon nothing is told; at
        // the end of the gallery the last block has to end with it.
        $rest = [$until => 0.0];
        $open = $until < $count;
        $best = 0;
        for ($i = $until - 1; $i >= $first; $i--) {
            $least = INF;
            foreach ($this->costs[$i] ??= $this->costsAt($i) as $pattern => $cost) {
                $end = $i + $this->tiles[$pattern];
                if ($end <= $until) {
                    $cost += $rest[$end];
                } elseif ($open) {
                    // The part of a block that lies within the horizon is charged.
                    $cost *= ($until - $i) / ($end - $i);
                } else {
                    continue;
                }
                if ($i === $first && $pattern === $last) {
                    $cost += self::AGAIN;
                }
                if ($cost < $least) {
                    $least = $cost;
                    $best = $i === $first ? $pattern : $best;
                }
            }
            $rest[$i] = $least;
        }

        return $best;
    }

    /**
     * What each pattern costs that may begin with a tile; one picture across the whole width always may.
     * Written for speed: it is asked for every tile, and goes through all patterns.
     *
     * @return array<int, float> by number of the pattern
     */
    private function costsAt(int $first): array
    {
        $costs = [];
        $alphas = $this->alphas;
        $within = $this->within;
        $left = count($this->inverse) - $first;
        $lowest = self::LOWEST * $this->height;
        $highest = self::HIGHEST * $this->height;
        $ordinary = self::AREA * $this->height * $this->height;
        foreach ($this->tiles as $number => $tiles) {
            if ($tiles > $left) {
                continue;
            }
            $pattern = MosaicBlock::PATTERNS[$number];
            $stacks = count($pattern);
            $alpha = 0.0;
            $beta = $this->beside($stacks);
            $i = $first;
            $own = [0.0, 0.0, 0.0, 0.0, 0.0];
            foreach ($pattern as $n => $stacked) {
                $own[$n] = $a = $alphas[$stacked][$i];
                $alpha += $a;
                $beta -= $a * $within[$stacked];
                $i += $stacked;
            }
            $high = ($this->width - $beta) / $alpha;
            if ($number !== 0 && ($high <= $lowest || $high >= $highest)) {
                continue;
            }
            $low = ($this->from - $beta) / $alpha;
            $high = $high > 1.0 ? $high : 1.0;
            $cost = $stacks === $tiles ? self::PLAIN * $stacks : 0.0;
            $i = $first;
            foreach ($pattern as $n => $stacked) {
                // The tiles of a stack are reckoned alike; a chosen one is to stand alone.
                if ($number !== 0 && $own[$n] * ($low - $within[$stacked]) < self::NARROWEST_STACK) {
                    continue 2;
                }
                $wide = $own[$n] * ($high - $within[$stacked]);
                $share = ($wide > 1.0 ? $wide : 1.0) * $high / ($stacked * $ordinary);
                if ($this->large !== []) {
                    $share /= $this->largeness($i, $stacked);
                }
                if ($share < 0.5 || $share > 2.0) {
                    $cost += $stacked * ($share + 1 / $share - 2.5);
                }
                $i += $stacked;
            }
            $costs[$number] = $cost;
        }

        return $costs;
    }

    /** px of the width of a block that are no picture. */
    private function beside(int $stacks): float
    {
        return ($stacks - 1) * $this->gap + $stacks * $this->frame->across();
    }

    /** How many times as large as an ordinary one a stack is wished. */
    private function largeness(int $first, int $size): float
    {
        $times = 1.0;
        for ($i = $first; $i < $first + $size; $i++) {
            $times *= isset($this->large[$i]) ? self::LARGE : 1.0;
        }

        return $times;
    }
}
