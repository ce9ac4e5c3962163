<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/** The pictures of a mosaic that are to be large, and how large. */
final readonly class MosaicChosen
{
    /** Tiles at either side of a chosen one that make room for it. */
    private const AROUND = 5;

    /** Stretched by more, its neighbours may be higher too: one alone before it in a narrow gallery has nowhere else to go. */
    private const MUCH = 1.3;

    public bool $isEmpty;

    /**
     * @param  array<int, bool>  $tiles
     * @param  float  $larger  px² that each has at least
     * @param  float  $stretch  times as high as others may be that they may be
     */
    public function __construct(private array $tiles, public float $larger, public float $stretch)
    {
        $this->isEmpty = $tiles === [];
    }

    public function has(int $tile): bool
    {
        return isset($this->tiles[$tile]);
    }

    public function isAmong(int $from, int $until): bool
    {
        for ($i = $from; $i < $until; $i++) {
            if (isset($this->tiles[$i])) {
                return true;
            }
        }

        return false;
    }

    public function isFar(int $tile): bool
    {
        return $this->isEmpty || ! $this->isAmong($tile - self::AROUND, $tile + self::AROUND);
    }

    /** Whether a block with a tile may be higher than others. */
    public function mayStretch(int $tile): bool
    {
        return isset($this->tiles[$tile]) || $this->stretch > self::MUCH && ! $this->isFar($tile);
    }

    /** How many tiles, up to so many, may be stacked from one on: a chosen one stands alone. */
    public function stackable(int $first, int $size): int
    {
        for ($n = 1; $n < $size; $n++) {
            if (isset($this->tiles[$first]) || isset($this->tiles[$first + $n])) {
                return $n;
            }
        }

        return $size;
    }
}
