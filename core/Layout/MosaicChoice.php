<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * Which blocks a mosaic has, in one band of widths.
 *
 * The gallery is cut into runs of tiles that are laid out by themselves, in one block where one is good enough and else in
 * those of least cost, by dynamic programming. Where it is cut is told by the shapes near by alone; so what is appended or
 * put in between changes what is near, and nothing else.
 */
final readonly class MosaicChoice
{
    /** Sizes of the stacks of a block from start to end, over and over; a stack of one is a picture as high as the block. */
    private const PATTERNS = [[1, 2], [2, 1], [2, 2, 1], [1], [1, 3], [2]];

    /** A block that costs no more for each tile, and is a whole run, is taken at once. */
    private const GOOD = 0.15;

    /** What a block costs that is too high, and more by the logarithm of the share. */
    private const TOO_HIGH = 200.0;

    /** Tiles at either side that a run's first is a better beginning than, for each side of an ordinary tile that the gallery is wide; and at least. */
    private const APART = 0.42;

    private const LEAST_APART = 2;

    public function __construct(private MosaicTiles $tiles, private MosaicBlocks $possible, private MosaicChosen $chosen)
    {
    }

    /**
     * @return list<array{int, list<int>}> first tile, and sizes of the stacks
     */
    public function blocks(): array
    {
        $runs = [];
        $from = 0;
        foreach ($this->cuts() as $cut) {
            [$blocks, $isEven] = $this->filled($from, $cut, self::PATTERNS);
            // What cannot be low enough by itself goes with what comes after it, and at the end with what came before.
            while ($cut === $this->tiles->count && ! $isEven) {
                [$blocks, $isEven] = $this->filled($from, $cut, StackPatterns::allFor($cut - $from));
                if ($isEven || $runs === []) {
                    break;
                }
                [$from] = array_pop($runs);
                [$blocks, $isEven] = $this->filled($from, $cut, self::PATTERNS);
            }
            if ($isEven || $cut === $this->tiles->count) {
                $runs[] = [$from, $blocks];
                $from = $cut;
            }
        }

        return array_merge(...array_column($runs, 1));
    }

    /**
     * Where runs of tiles end that are laid out by themselves: before those tiles that make a better beginning than all
     * near them, so that it is for the shapes around to say and not for what came before.
     *
     * @return list<int>
     */
    private function cuts(): array
    {
        $ranks = $this->tiles->ranks;
        $count = $this->tiles->count;
        $around = max(self::LEAST_APART, (int) round(self::APART * $this->possible->sides()));
        $cuts = [];
        $last = 0;
        for ($i = $around; $i < $count; $i++) {
            $own = $ranks[$i];
            for ($k = 1; $k <= $around; $k++) {
                if (($ranks[$i + $k] ?? -1.0) > $own || $ranks[$i - $k] >= $own) {
                    // Many of one shape are all alike.
                    if ($i - $last < 4 * $around || $own !== $ranks[$i - 1]) {
                        continue 2;
                    }
                    break;
                }
            }
            $cuts[] = $last = $i;
        }

        return $count > 0 ? [...array_values(array_filter($cuts, $this->chosen->isFar(...))), $count] : [];
    }

    /**
     * A run of tiles in one block where one is good enough, else in those of least cost, by dynamic programming over their ends.
     *
     * @param  non-empty-list<non-empty-list<int>>  $rhythms
     * @return array{list<array{int, list<int>}>, bool} blocks, and whether none of their tiles is too high
     */
    private function filled(int $from, int $until, array $rhythms): array
    {
        $rhythms = $this->chosen->larger > 0.0 && $this->chosen->isAmong($from, $until) ? StackPatterns::allFor($until - $from) : $rhythms;
        $good = self::GOOD * ($until - $from);
        $least = array_fill($from, $until - $from + 1, INF);
        $least[$from] = 0.0;
        /** @var array<int, array{int, list<int>, bool}> $came by the first tile after each block */
        $came = [];
        for ($i = $from; $i < $until && ($i === $from || $least[$until] > $good); $i++) {
            $before = $least[$i];
            if ($before >= $least[$until]) {
                continue;
            }
            foreach ($rhythms as $rhythm) {
                foreach ($this->possible->ends($i, $until, $rhythm) as [$end, $pattern, $high, $low, $excess]) {
                    if ($before >= $least[$end]) {
                        continue;
                    }
                    $cost = $before + $this->possible->cost($i, $pattern, $high, $low) + ($excess === null ? 0.0 : self::TOO_HIGH * (1.0 + log($excess)));
                    if ($cost < $least[$end]) {
                        $least[$end] = $cost;
                        $came[$end] = [$i, $pattern, $excess !== null];
                    }
                }
            }
        }
        $blocks = [];
        $isEven = true;
        for ($end = $until; $end > $from; $end = $i) {
            // One after the other is always a way.
            [$i, $pattern, $isTooHigh] = $came[$end] ?? [$end - 1, [1], true];
            $blocks[] = [$i, $pattern];
            $isEven = $isEven && ! $isTooHigh;
        }

        return [array_reverse($blocks), $isEven];
    }
}
