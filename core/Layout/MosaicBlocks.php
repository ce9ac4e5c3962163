<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * The blocks that a mosaic may have from a tile on, in one band of widths, and what each costs.
 *
 * A block goes on, stack by stack in some rhythm, until it is low enough; it costs, for each of its tiles,
 * a / A + A / a - 2.5, where that is above zero: a is its area, A what is wished of it, 1.5 times the square of the
 * height aimed at and of chosen ones 3.2 times that; so anything from half to twice A is free. No tile is higher at the
 * band's end than 1.8 times the wished height.
 */
final class MosaicBlocks
{
    /** Ordinary area, in squares of the height aimed at; chosen tiles have so many times that. */
    public const AREA = 1.5;

    private const LARGE = 3.2;

    /** Times the wished height that no tile is higher than, where it can be. */
    private const TALLEST = 1.8;

    /** Times the height aimed at that a block is at least, where it can be. */
    private const LOWEST = 0.6;

    /** What a block of a single tile costs. */
    private const ALONE = 0.9;

    /** What a tile costs that is chosen and too small, and more by the logarithm of the share; and any other that is too large beside it. */
    private const TOO_SMALL = 20.0;

    private const TOO_LARGE = 0.6;

    /** What a stack costs that is too narrow: more than all else together. */
    private const TOO_NARROW = 1_000_000.0;

    /** px that a stack is wide at least, where the band begins; gaps and captions might eat it up. */
    private const NARROWEST_STACK = 24;

    /** @var array<int, float> px within a stack that are no picture, by size */
    private array $within;

    /** px of width from one stack to the next, and those at the ends. */
    private float $beside;

    /** Height in px that no tile should pass at the end of the band, and that blocks have at least in its middle. */
    private float $tallest;

    private float $lowest;

    /** px² */
    private float $ordinary;

    /**
     * @param  array{float, float, float}  $widths  px where the band begins, in its middle and where it ends
     * @param  float  $wished  px of height
     * @param  float  $aim  px of height of an ordinary tile in the middle of the band
     */
    public function __construct(
        private readonly MosaicTiles $tiles,
        private readonly array $widths,
        float $wished,
        float $aim,
        private readonly int $gap,
        private readonly TileFrame $frame,
        private readonly MosaicChosen $chosen,
    ) {
        $around = $frame->down();
        $this->within = [1 => $around, 2 => $gap + 2 * $around, 3 => 2 * $gap + 3 * $around];
        $this->beside = $gap + $frame->across();
        $this->tallest = self::TALLEST * $wished;
        $this->lowest = self::LOWEST * $aim;
        $this->ordinary = self::AREA * $aim * $aim;
    }

    /** How many times the side of an ordinary tile the gallery is wide. */
    public function sides(): float
    {
        return $this->widths[1] / sqrt($this->ordinary);
    }

    /**
     * @return array{float, float} α and β of a stack
     */
    public function stack(int $first, int $size): array
    {
        $alpha = $this->tiles->alphas[$size][$first];

        return [$alpha, $this->frame->across() - $alpha * $this->within[$size]];
    }

    /**
     * Blocks in one rhythm that begin with a tile and are low enough; where no more may follow, one that is too high.
     * Written for speed: it is asked for most tiles, in all rhythms.
     *
     * @param  non-empty-list<int>  $rhythm
     * @return list<array{int, list<int>, float, float, ?float}> the first tile after it, sizes of its stacks, its height in px in the middle of the band and where that begins, and how many times too high it is where that ends
     */
    public function ends(int $first, int $stop, array $rhythm): array
    {
        [$from, $middle, $until] = $this->widths;
        $alphas = $this->tiles->alphas;
        $tallest = $this->tiles->tallest;
        $within = $this->within;
        $beats = count($rhythm);
        $isOfSingles = $beats === array_sum($rhythm);
        $hasChosen = ! $this->chosen->isEmpty;
        $ends = $pattern = [];
        $alpha = 0.0;
        // Of the stacks of each size, the largest share that a picture has of its stack.
        $shares = [1 => 0.0, 2 => 0.0, 3 => 0.0];
        $beta = -$this->gap;
        $end = $first;
        $most = $this->tallest;
        for ($beat = 0; $end < $stop; $beat = $beat + 1 === $beats ? 0 : $beat + 1) {
            $size = $rhythm[$beat];
            $size = $size > $stop - $end ? $stop - $end : $size;
            if ($hasChosen) {
                $size = $this->chosen->stackable($end, $size);
                $most = $this->chosen->mayStretch($end) ? $this->tallest * $this->chosen->stretch : $most;
            }
            $a = $alphas[$size][$end];
            $share = $tallest[$size][$end];
            $shares[$size] = $share > $shares[$size] ? $share : $shares[$size];
            $alpha += $a;
            $beta += $this->beside - $a * $within[$size];
            $pattern[] = $size;
            $end += $size;
            $high = ($until - $beta) / $alpha;
            $excess = max($shares[1] * ($high - $within[1]), $shares[2] * ($high - $within[2]), $shares[3] * ($high - $within[3])) / $most;
            // A picture by itself is always there: it cannot be too narrow.
            if ($excess > 1.0 && $end < $stop && ! ($isOfSingles && $end === $first + 1)) {
                continue;
            }
            $high = ($middle - $beta) / $alpha;
            if ($high < $this->lowest && $end > $first + 1) {
                break;
            }
            // A stack by itself is several blocks of one.
            if ($pattern[0] === $end - $first && $size > 1) {
                continue;
            }
            $ends[] = [$end, $pattern, $high, ($from - $beta) / $alpha, $excess > 1.0 ? $excess : null];
        }

        return $ends;
    }

    /**
     * What a block costs.
     *
     * @param  list<int>  $pattern
     * @param  float  $high  px of the block in the middle of the band
     * @param  float  $low  px of it where the band begins
     */
    public function cost(int $first, array $pattern, float $high, float $low): float
    {
        $high = $high > 1.0 ? $high : 1.0;
        $tiles = array_sum($pattern);
        $cost = $tiles === 1 ? self::ALONE : 0.0;
        $alphas = $this->tiles->alphas;
        $hasChosen = ! $this->chosen->isEmpty;
        foreach ($pattern as $stacked) {
            $own = $alphas[$stacked][$first];
            $within = $this->within[$stacked];
            // Gaps and captions might eat a stack up.
            $cost += $own * ($low - $within) < self::NARROWEST_STACK && $tiles > 1 ? self::TOO_NARROW : 0.0;
            $wide = $own * ($high - $within);
            // The tiles of a stack are reckoned alike.
            $share = ($wide > 1.0 ? $wide : 1.0) * $high / ($stacked * $this->ordinary);
            if ($hasChosen) {
                if ($this->chosen->has($first)) {
                    $share /= self::LARGE;
                    $area = max(1.0, $wide * $high);
                    $cost += $area < $this->chosen->larger ? $tiles * (5.0 + self::TOO_SMALL * log($this->chosen->larger / $area)) : 0.0;
                } elseif ($this->chosen->larger > 0.0 && $share * $this->ordinary > $this->chosen->larger / MosaicLayout::LARGER) {
                    $cost += self::TOO_LARGE * $stacked;
                }
            }
            if ($share < 0.5 || $share > 2.0) {
                $cost += $stacked * ($share + 1 / $share - 2.5);
            }
            $first += $stacked;
        }

        return $cost;
    }
}
