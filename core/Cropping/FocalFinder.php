<?php

declare(strict_types=1);

namespace ZincPane\Core\Cropping;

use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\Raster;

/**
 * Finds the point of a picture that a crop should keep: where colours that are rare in it have fine contrast.
 *
 * Skies, walls and lawns have common colours, and what is out of focus has no fine contrast; what a picture is of mostly
 * has neither. The product of both, under a wide bell, has its peak where most of it lies together; it counts for less
 * towards the edges, and the point is pulled a little to the middle, which is right more often than any other place.
 * After the idea that what is rare is looked at: Bruce and Tsotsos, "Saliency, attention, and visual search" (2009).
 */
final readonly class FocalFinder
{
    /** Steps of lightness, and of each colour axis, into which colours are counted. */
    private const LIGHT_STEPS = 12;

    private const COLOUR_STEPS = 24;

    /** How much a difference in colour counts against one in lightness, squared. */
    private const COLOUR = 2.0;

    /** Radii, as shares of the longer side: of what a place is held against, and of each of the three boxes that make the bell. */
    private const FINE = 24;

    private const WIDE = 8;

    /** How much less a place counts by the square of its way from the middle, as shares of the sides. */
    private const PRIOR = 1.5;

    /** Share of the way from the middle that is kept where the finder is sure, and where it is not. */
    private const PULL = 0.9;

    private const PULL_UNSURE = 0.7;

    /** Times the mean that the peak has where it is sure. */
    private const SURE = 1.9;

    private function __construct(private int $width, private int $height)
    {
    }

    public static function find(Raster $raster): FoundFocal
    {
        return (new self($raster->width, $raster->height))->focalOf($raster);
    }

    private function focalOf(Raster $raster): FoundFocal
    {
        [$light, $a, $b] = $this->planes($raster);
        $worth = $this->product($this->rarity($light, $a, $b), $this->contrast($light, $a, $b));
        // Half as fine is fine enough for a bell as wide as that.
        $width = intdiv($this->width + 1, 2);
        $height = intdiv($this->height + 1, 2);
        $bell = Blur::halved($worth, $this->width, $this->height);
        $radius = max(1, (int) round(max($width, $height) / self::WIDE));
        for ($box = 0; $box < 3; $box++) {
            $bell = Blur::box($bell, $width, $height, $radius);
        }

        return $this->peak($bell, $width, $height);
    }

    /**
     * @return array{list<float>, list<float>, list<float>} lightness and both colour axes in OKLab
     */
    private function planes(Raster $raster): array
    {
        $light = $a = $b = [];
        $known = [];
        foreach ($raster->pixels as $rgb) {
            [$light[], $a[], $b[]] = $known[$rgb] ??= (static fn (Oklab $colour): array => [$colour->l, $colour->a, $colour->b])(Oklab::fromRgb($rgb));
        }

        return [$light, $a, $b];
    }

    /**
     * How few places have the colour of each: minus the logarithm of their share.
     *
     * @param  list<float>  $light
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return list<float> 0 to 1, the commonest and the rarest
     */
    private function rarity(array $light, array $a, array $b): array
    {
        $kinds = $times = [];
        foreach ($light as $i => $l) {
            $kind = (int) ($l * self::LIGHT_STEPS) << 12 | (int) (($a[$i] + 0.5) * self::COLOUR_STEPS) << 6 | (int) (($b[$i] + 0.5) * self::COLOUR_STEPS);
            $kinds[] = $kind;
            $times[$kind] = ($times[$kind] ?? 0) + 1;
        }
        $rare = array_map(static fn (int $count): float => -log($count / count($kinds)), $times);
        $rarity = Blur::box(array_map(static fn (int $kind): float => $rare[$kind], $kinds), $this->width, $this->height, 1);
        $least = min($rarity ?: [0.0]);
        $range = max(1e-9, max($rarity ?: [0.0]) - $least);

        return array_map(static fn (float $own): float => ($own - $least) / $range, $rarity);
    }

    /**
     * How far each place differs from what is around it.
     *
     * @param  list<float>  $light
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return list<float>
     */
    private function contrast(array $light, array $a, array $b): array
    {
        $radius = max(1, (int) round(max($this->width, $this->height) / self::FINE));
        [$lightAround, $aAround, $bAround] = array_map(fn (array $plane): array => Blur::box($plane, $this->width, $this->height, $radius), [$light, $a, $b]);
        $contrast = [];
        foreach ($light as $i => $l) {
            $l -= $lightAround[$i];
            $green = $a[$i] - $aAround[$i];
            $blue = $b[$i] - $bAround[$i];
            $contrast[] = sqrt($l * $l + self::COLOUR * ($green * $green + $blue * $blue));
        }

        return $contrast;
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     * @return list<float>
     */
    private function product(array $one, array $other): array
    {
        return array_map(static fn (float $a, float $b): float => $a * $b, $one, $other);
    }

    /**
     * @param  list<float>  $bell
     */
    private function peak(array $bell, int $width, int $height): FoundFocal
    {
        $most = -1.0;
        $sum = 0.0;
        [$atX, $atY] = [0.5, 0.5];
        foreach ($bell as $i => $value) {
            $x = ($i % $width + 0.5) / $width;
            $y = (intdiv($i, $width) + 0.5) / $height;
            $value *= exp(-self::PRIOR * (($x - 0.5) ** 2 + ($y - 0.5) ** 2));
            $sum += $value;
            if ($value > $most) {
                [$most, $atX, $atY] = [$value, $x, $y];
            }
        }
        // An even picture has no place worth more than another.
        if ($most < 1e-6) {
            return new FoundFocal(FocalPoint::centre(), false);
        }
        $isSure = $most * count($bell) >= self::SURE * $sum;
        $pull = $isSure ? self::PULL : self::PULL_UNSURE;

        return new FoundFocal(FocalPoint::of(0.5 + $pull * ($atX - 0.5), 0.5 + $pull * ($atY - 0.5)), $isSure);
    }
}
