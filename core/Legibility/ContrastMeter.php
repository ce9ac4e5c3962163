<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

use ZincPane\Core\Colour\Luminance;
use ZincPane\Core\Colour\PixelGrid;
use ZincPane\Core\Finish\Captions;

/**
 * How far letters stand out from what lies behind them where that is worst: against the mean light of the twentieth of
 * the area that is nearest to them in light.
 */
final class ContrastMeter
{
    /** Share of the area that counts. */
    public const WORST = 0.05;

    private readonly float $letters;

    private readonly float $opacity;

    /**
     * @param  array{int, int, int}  $behind  colour behind the picture
     */
    public function __construct(Captions $captions, private readonly Light $light, private readonly array $behind)
    {
        $this->letters = Luminance::of($captions->lettersOver());
        $this->opacity = $captions->opacity / 100;
    }

    /**
     * The least of some areas of a picture.
     *
     * @param  non-empty-list<AreaColours>  $areas
     * @return array{float, AreaColours} 1 to 21, and where it is so
     */
    public function worst(PixelGrid $picture, array $areas): array
    {
        $worst = INF;
        $where = $areas[0];
        $known = [];
        foreach ($areas as $area) {
            $ratio = $this->ratio($picture, $area, $known);
            if ($ratio < $worst) {
                [$worst, $where] = [$ratio, $area];
            }
        }

        return [$worst, $where];
    }

    /**
     * @param  array<int, array<int, float>>  $known  colours by how far letters stand out from them, by opacity of the ground in thousandths; what is found is put there
     */
    private function ratio(PixelGrid $picture, AreaColours $area, array &$known): float
    {
        $all = 0;
        $ratios = $counts = [];
        foreach ($area->slices as $n => [$share, $ofSlice]) {
            $ground = $this->opacity * $share;
            $own = $known[(int) round(1000 * $ground)] ??= $this->ratios($picture, $ground);
            $all += array_sum($ofSlice);
            if (count($area->slices) === 1) {
                return $this->nearest($own, $ofSlice, $all);
            }
            foreach ($ofSlice as $colour => $count) {
                $ratios["{$n}/{$colour}"] = $own[$colour];
                $counts["{$n}/{$colour}"] = $count;
            }
        }
        asort($ratios);

        return $this->nearest($ratios, $counts, $all);
    }

    /**
     * The ratio to each colour, the least first.
     *
     * @return array<int, float>
     */
    private function ratios(PixelGrid $picture, float $ground): array
    {
        $letters = $this->letters;
        $ratios = [];
        foreach ($this->light->of($picture->colours, $ground) as $light) {
            $ratios[] = $light > $letters ? ($light + 0.05) / ($letters + 0.05) : ($letters + 0.05) / ($light + 0.05);
        }
        $ratios[-1] = Luminance::ratio($letters, $this->light->of(implode('', array_map(chr(...), $this->behind)), $ground)[0]);
        asort($ratios);

        return $ratios;
    }

    /**
     * @param  array<array-key, float>  $ratios  the least first
     * @param  array<array-key, int>  $counts
     */
    private function nearest(array $ratios, array $counts, int $all): float
    {
        $wanted = max(1, (int) round(self::WORST * $all));
        $left = $wanted;
        // Ratios are as their inverse, the light: its mean is what counts.
        $inverse = 0.0;
        foreach ($ratios as $colour => $ratio) {
            if (isset($counts[$colour])) {
                $taken = $counts[$colour] < $left ? $counts[$colour] : $left;
                $inverse += $taken / $ratio;
                $left -= $taken;
                if ($left === 0) {
                    break;
                }
            }
        }

        return $wanted / $inverse;
    }
}
