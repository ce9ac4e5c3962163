<?php

declare(strict_types=1);

namespace ZincPane\Core\Colour;

/** The few colours a picture is made of, found by k-means in OKLab over its histogram. */
final readonly class Palette
{
    /** Greatest number of colours. */
    public const MOST = 6;

    /** Colours nearer than this in OKLab are one. */
    private const ONE = 0.06;

    private const ROUNDS = 8;

    /**
     * @param  list<Swatch>  $swatches  the largest first
     */
    private function __construct(public array $swatches)
    {
    }

    public static function of(Raster $raster): self
    {
        $points = self::histogram($raster);
        $centres = self::spread($points);
        $swatches = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $swatches = self::gathered($points, $centres);
            $centres = array_map(static fn (Swatch $swatch): Oklab => $swatch->colour, $swatches);
        }
        $swatches = self::joined($swatches);
        usort($swatches, static fn (Swatch $one, Swatch $other): int => $other->share <=> $one->share);

        return new self($swatches);
    }

    /**
     * @param  list<array{float|int, float|int, float|int, float|int}>  $swatches  as toArray() gave them
     */
    public static function fromArray(array $swatches): self
    {
        return new self(array_map(
            static fn (array $values): Swatch => new Swatch(Oklab::of($values[0], $values[1], $values[2]), $values[3]),
            $swatches,
        ));
    }

    /**
     * @return list<array{float, float, float, float}> lightness, a, b and share
     */
    public function toArray(): array
    {
        return array_map(static fn (Swatch $swatch): array => [
            round($swatch->colour->l, 4), round($swatch->colour->a, 4), round($swatch->colour->b, 4), round($swatch->share, 4),
        ], $this->swatches);
    }

    /** The colour one would name first; mid-grey where there is none. */
    public function main(): Oklab
    {
        $best = null;
        foreach ($this->swatches as $swatch) {
            $best = $best === null || $swatch->weight() > $best->weight() ? $swatch : $best;
        }

        return $best->colour ?? Oklab::of(0.6, 0, 0);
    }

    /**
     * Colours of 4 bits a channel, with how many pixels have them.
     *
     * @return list<Swatch>
     */
    private static function histogram(Raster $raster): array
    {
        $cells = [];
        foreach ($raster->pixels as $rgb) {
            $key = $rgb & 0xF0F0F0;
            $cells[$key] = ($cells[$key] ?? 0) + 1;
        }
        $points = [];
        foreach ($cells as $rgb => $count) {
            $points[] = new Swatch(Oklab::fromRgb($rgb | 0x080808), $count / count($raster->pixels));
        }

        return $points;
    }

    /**
     * Begins at the commonest colour and goes on to the one farthest from all before, so that the
     * outcome does not depend on chance.
     *
     * @param  list<Swatch>  $points
     * @return list<Oklab>
     */
    private static function spread(array $points): array
    {
        $centres = [];
        $nearest = array_fill(0, count($points), 1.0);
        while (count($centres) < self::MOST) {
            $farthest = null;
            $greatest = self::ONE * 0.2;
            foreach ($points as $i => $point) {
                // A few stray pixels make no colour of the picture.
                $score = $nearest[$i] * $point->share ** 0.3;
                if ($score > $greatest) {
                    [$greatest, $farthest] = [$score, $point->colour];
                }
            }
            if ($farthest === null) {
                break;
            }
            $centres[] = $farthest;
            foreach ($points as $i => $point) {
                $nearest[$i] = min($nearest[$i], $point->colour->distance($farthest));
            }
        }

        return $centres;
    }

    /**
     * The mean of the colours nearest to each centre, and their share; a centre with none is dropped.
     *
     * @param  list<Swatch>  $points
     * @param  list<Oklab>  $centres
     * @return list<Swatch>
     */
    private static function gathered(array $points, array $centres): array
    {
        $l = $a = $b = $shares = array_fill(0, count($centres), 0.0);
        foreach ($points as $point) {
            $colour = $point->colour;
            $nearest = 0;
            $least = INF;
            foreach ($centres as $i => $centre) {
                $squares = ($colour->l - $centre->l) ** 2 + ($colour->a - $centre->a) ** 2 + ($colour->b - $centre->b) ** 2;
                if ($squares < $least) {
                    [$least, $nearest] = [$squares, $i];
                }
            }
            $l[$nearest] += $colour->l * $point->share;
            $a[$nearest] += $colour->a * $point->share;
            $b[$nearest] += $colour->b * $point->share;
            $shares[$nearest] += $point->share;
        }
        $swatches = [];
        foreach ($shares as $i => $share) {
            if ($share > 0) {
                $swatches[] = new Swatch(Oklab::of($l[$i] / $share, $a[$i] / $share, $b[$i] / $share), $share);
            }
        }

        return $swatches;
    }

    /**
     * @param  list<Swatch>  $swatches
     * @return list<Swatch>
     */
    private static function joined(array $swatches): array
    {
        $joined = [];
        foreach ($swatches as $swatch) {
            $twin = array_search(true, array_map(static fn (Swatch $known): bool => $known->colour->distance($swatch->colour) < self::ONE, $joined), true);
            if ($twin === false) {
                $joined[] = $swatch;
            } else {
                $joined[$twin] = new Swatch($joined[$twin]->colour, $joined[$twin]->share + $swatch->share);
            }
        }

        return array_values($joined);
    }
}
