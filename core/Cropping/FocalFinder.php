<?php

declare(strict_types=1);

namespace ZincPane\Core\Cropping;

use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\Raster;

/**
 * Finds the point of a picture that a crop should keep: where colours stand out from what is
 * around them and edges are dense, with a weak pull to the centre.
 *
 * After the idea of centre and surround of Itti, Koch and Niebur, "A model of saliency-based visual
 * attention" (1998): a place is worth looking at when it differs from its surroundings.
 */
final readonly class FocalFinder
{
    /** Longer side in px at which it looks; finer grain is noise. */
    private const LOOKED_AT = 48;

    private const WEIGHT_SURROUND = 1.0;

    private const WEIGHT_APART = 0.6;

    private const WEIGHT_EDGES = 0.5;

    /** What a place in a corner is worth less than one in the middle. */
    private const PULL = 0.35;

    private function __construct(private int $width, private int $height)
    {
    }

    public static function find(Raster $raster): FocalPoint
    {
        $small = $raster->within(self::LOOKED_AT);

        return (new self($small->width, $small->height))->focalOf($small);
    }

    private function focalOf(Raster $raster): FocalPoint
    {
        $planes = [[], [], []];
        foreach ($raster->pixels as $rgb) {
            $colour = Oklab::fromRgb($rgb);
            $planes[0][] = $colour->l;
            $planes[1][] = $colour->a;
            $planes[2][] = $colour->b;
        }
        $reach = max($this->width, $this->height);
        $apart = $this->apart($planes);
        $worth = $this->pulled($this->sum([
            [$this->surround($planes, intdiv($reach, 24) ?: 1, intdiv($reach, 5) ?: 2), self::WEIGHT_SURROUND],
            [$apart, self::WEIGHT_APART],
            [$this->edges($planes), self::WEIGHT_EDGES],
        ]), $apart);
        $broad = $this->blurred($this->blurred($worth, intdiv($reach, 12) ?: 1), intdiv($reach, 16) ?: 1);

        return $this->around($worth, $this->peak($broad), intdiv($reach, 6) ?: 1);
    }

    /**
     * How far a small neighbourhood differs from a large one.
     *
     * @param  array{list<float>, list<float>, list<float>}  $planes
     * @return list<float>
     */
    private function surround(array $planes, int $near, int $far): array
    {
        $squares = array_fill(0, count($planes[0]), 0.0);
        foreach ($planes as $plane) {
            $small = $this->blurred($plane, $near);
            $large = $this->blurred($plane, $far);
            foreach ($squares as $i => $sum) {
                $squares[$i] = $sum + ($small[$i] - $large[$i]) ** 2;
            }
        }

        return array_map(sqrt(...), $squares);
    }

    /**
     * How far each place differs from where its row leaves the picture, and from where its column
     * does: skies, horizons and boards go on to an edge, what a picture is of seldom does.
     *
     * @param  array{list<float>, list<float>, list<float>}  $planes
     * @return list<float>
     */
    private function apart(array $planes): array
    {
        [$l, $a, $b] = array_map(fn (array $plane): array => $this->blurred($plane, 1), $planes);
        $last = ($this->height - 1) * $this->width;
        $apart = [];
        for ($y = 0; $y < $this->height; $y++) {
            $row = $y * $this->width;
            for ($x = 0; $x < $this->width; $x++) {
                $least = INF;
                $i = $row + $x;
                foreach ([$row, $row + $this->width - 1, $x, $last + $x] as $edge) {
                    $squares = ($l[$i] - $l[$edge]) ** 2 + ($a[$i] - $a[$edge]) ** 2 + ($b[$i] - $b[$edge]) ** 2;
                    $least = $squares < $least ? $squares : $least;
                }
                $apart[] = sqrt($least);
            }
        }

        return $apart;
    }

    /**
     * Density of edges above that of the surroundings, so that grass and gravel count for little.
     *
     * @param  array{list<float>, list<float>, list<float>}  $planes
     * @return list<float>
     */
    private function edges(array $planes): array
    {
        $edges = array_fill(0, $this->width * $this->height, 0.0);
        foreach ($planes as $plane) {
            for ($y = 1; $y < $this->height - 1; $y++) {
                for ($x = 1; $x < $this->width - 1; $x++) {
                    $i = $y * $this->width + $x;
                    $edges[$i] += abs($plane[$i + 1] - $plane[$i - 1]) + abs($plane[$i + $this->width] - $plane[$i - $this->width]);
                }
            }
        }
        $reach = max($this->width, $this->height);
        $edges = array_values($edges);
        $dense = $this->blurred($edges, intdiv($reach, 20) ?: 1);
        $around = $this->blurred($edges, intdiv($reach, 4) ?: 1);

        return array_map(static fn (float $here, float $there): float => max(0.0, $here - 0.8 * $there), $dense, $around);
    }

    /**
     * @param  list<array{list<float>, float}>  $maps  with their weights; each counts by its greatest value
     * @return list<float>
     */
    private function sum(array $maps): array
    {
        $sum = array_fill(0, $this->width * $this->height, 0.0);
        foreach ($maps as [$map, $weight]) {
            $greatest = $map === [] ? 0.0 : max($map);
            if ($greatest > 1e-6) {
                foreach ($map as $i => $value) {
                    $sum[$i] += $weight * $value / $greatest;
                }
            }
        }

        return array_values($sum);
    }

    /**
     * @param  list<float>  $map
     * @param  list<float>  $apart
     * @return list<float>
     */
    private function pulled(array $map, array $apart): array
    {
        $greatest = max([1e-6, ...$apart]);
        $pulled = [];
        foreach ($map as $i => $value) {
            $x = ($i % $this->width + 0.5) / $this->width * 2 - 1;
            $y = (intdiv($i, $this->width) + 0.5) / $this->height * 2 - 1;
            $pulled[] = $value * ($apart[$i] / $greatest) * (1 - self::PULL * ($x ** 2 + $y ** 2) / 2);
        }

        return $pulled;
    }

    /**
     * The mean over a square around each place, by sums over rows and then columns.
     *
     * @param  list<float>  $map
     * @return list<float>
     */
    private function blurred(array $map, int $radius): array
    {
        return $this->blurredAlong(
            $this->blurredAlong($map, $radius, $this->width, $this->height, 1, $this->width),
            $radius, $this->height, $this->width, $this->width, 1,
        );
    }

    /**
     * @param  list<float>  $map
     * @param  int  $step  from one place of a line to the next
     * @param  int  $stride  from one line to the next
     * @return list<float>
     */
    private function blurredAlong(array $map, int $radius, int $length, int $lines, int $step, int $stride): array
    {
        $out = $map;
        for ($line = 0; $line < $lines; $line++) {
            $start = $line * $stride;
            $sum = 0.0;
            $until = min($radius, $length - 1);
            for ($k = 0; $k <= $until; $k++) {
                $sum += $map[$start + $k * $step];
            }
            for ($k = 0; $k < $length; $k++) {
                $from = $k - $radius;
                $to = $k + $radius;
                $out[$start + $k * $step] = $sum / (min($to, $length - 1) - max($from, 0) + 1);
                if ($to + 1 < $length) {
                    $sum += $map[$start + ($to + 1) * $step];
                }
                if ($from >= 0) {
                    $sum -= $map[$start + $from * $step];
                }
            }
        }

        return array_values($out);
    }

    /**
     * @param  list<float>  $map
     */
    private function peak(array $map): int
    {
        $best = 0;
        foreach ($map as $i => $value) {
            if ($value > $map[$best]) {
                $best = $i;
            }
        }

        return $best;
    }

    /**
     * The centre of gravity around a place.
     *
     * @param  list<float>  $map
     */
    private function around(array $map, int $peak, int $radius): FocalPoint
    {
        $px = $peak % $this->width;
        $py = intdiv($peak, $this->width);
        $sum = $sumX = $sumY = 0.0;
        for ($y = max(0, $py - $radius); $y <= min($this->height - 1, $py + $radius); $y++) {
            for ($x = max(0, $px - $radius); $x <= min($this->width - 1, $px + $radius); $x++) {
                $value = $map[$y * $this->width + $x];
                $sum += $value;
                $sumX += $value * ($x + 0.5);
                $sumY += $value * ($y + 0.5);
            }
        }

        // An even picture has no place worth more than another.
        return $sum < 1e-9 ? FocalPoint::centre() : FocalPoint::of($sumX / $sum / $this->width, $sumY / $sum / $this->height);
    }
}
