<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/** Sizes of stacks side by side, for a few tiles that the usual patterns do not bring out even. */
final class StackPatterns
{
    /** Tiles of which every pattern is looked at; of more only what comes again and again. */
    private const FEW = 7;

    private const LONGEST_CYCLE = 3;

    /** @var array<int, non-empty-list<non-empty-list<int>>> */
    private static array $known = [];

    /**
     * @param  int  $tiles  at least one
     * @return non-empty-list<non-empty-list<int>>
     */
    public static function allFor(int $tiles): array
    {
        $key = $tiles <= self::FEW ? max(1, $tiles) : 0;

        return self::$known[$key] ??= $key > 0 ? self::of($key) : self::cycles();
    }

    /**
     * All ways to stack so many tiles, none higher than a stack may be.
     *
     * @return non-empty-list<non-empty-list<int>>
     */
    private static function of(int $tiles): array
    {
        $all = [];
        for ($first = 1; $first <= min($tiles, MosaicTiles::HIGHEST_STACK); $first++) {
            foreach ($first < $tiles ? self::of($tiles - $first) : [[]] as $rest) {
                $all[] = [$first, ...$rest];
            }
        }

        return $all === [] ? [[1]] : $all;
    }

    /**
     * @return non-empty-list<non-empty-list<int>>
     */
    private static function cycles(): array
    {
        $all = $longest = [[1], [2], [3]];
        for ($length = 2; $length <= self::LONGEST_CYCLE; $length++) {
            $longer = [];
            foreach ($longest as $cycle) {
                for ($size = 1; $size <= MosaicTiles::HIGHEST_STACK; $size++) {
                    $longer[] = [...$cycle, $size];
                }
            }
            $all = [...$all, ...$longest = $longer];
        }

        return $all;
    }
}
