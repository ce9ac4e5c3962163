<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * The pictures of a mosaic as its blocks see them: side by side and in stacks, each in its own shape.
 *
 * A stack of pictures with the ratios r, each wider than high by r, is h·α + β wide where its block
 * is h high: α = 1 / Σ(1/r), and β = -α·(gaps, frames and captions within it). So the height of a block
 * follows from the width of the gallery: h = (W - Σβ - gaps) / Σα, a straight line.
 */
final readonly class MosaicTiles
{
    /** Pictures of a stack at most. */
    public const HIGHEST_STACK = 3;

    /** Tiles at either side that a rank tells of. */
    private const AROUND = 2;

    public int $count;

    /** @var array<int, list<float>> α of the stack, by size and first tile */
    public array $alphas;

    /** @var array<int, list<float>> height of its tallest picture as a share of the stack's, by size and first tile */
    public array $tallest;

    /**
     * How gladly blocks begin with a tile, 0 to 1, by chance but always by the same for the shapes around it: a picture that
     * is put in between changes it for its neighbours only, so blocks soon begin again where they did.
     *
     * @var list<float>
     */
    public array $ranks;

    /**
     * @param  list<float>  $inverse  height over width of each picture
     */
    public function __construct(public array $inverse)
    {
        $this->count = $count = count($inverse);
        $alphas = $tallest = [1 => [], 2 => [], 3 => []];
        $ranks = [];
        foreach ($inverse as $i => $own) {
            $sum = $most = 0.0;
            for ($n = 1; $n <= self::HIGHEST_STACK && $i + $n <= $count; $n++) {
                $one = $inverse[$i + $n - 1];
                $sum += $one;
                $most = $one > $most ? $one : $most;
                $alphas[$n][] = 1 / $sum;
                $tallest[$n][] = $most / $sum;
            }
            $ranks[] = crc32(implode(' ', array_slice($inverse, max(0, $i - self::AROUND), 2 * self::AROUND + 1))) / 0xFFFFFFFF;
        }
        [$this->alphas, $this->tallest, $this->ranks] = [$alphas, $tallest, $ranks];
    }
}
