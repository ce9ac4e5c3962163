<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

use ZincPane\Core\Colour\PixelGrid;

/** The colours under a caption, counted; in slices from the middle of the picture to its edge where the ground fades out. */
final readonly class AreaColours
{
    /** Slices of a ground that fades out; the rest of it is solid. */
    private const SLICES = 6;

    /**
     * @param  non-empty-list<array{float, array<int, int>}>  $slices  share of the ground's opacity, and counts by number of the colour; -1 is what is behind
     */
    private function __construct(public CaptionArea $area, public array $slices)
    {
    }

    /**
     * @param  bool  $fades  whether the ground fades out
     * @param  bool  $fromTop  the caption stands at the top: its ground fades out downwards
     */
    public static function of(PixelGrid $picture, CaptionArea $area, bool $fades, bool $fromTop): self
    {
        $slices = [];
        $fading = 1 - Light::SOLID;
        for ($n = 0; $fades && $n < self::SLICES; $n++) {
            $from = $fading * $n / self::SLICES;
            $until = $fading * ($n + 1) / self::SLICES;
            $slices[] = [($n + 0.5) / self::SLICES, self::counted($picture, $area, $fromTop ? 1 - $until : $from, $fromTop ? 1 - $from : $until)];
        }
        $slices[] = [1.0, self::counted($picture, $area, $fades && ! $fromTop ? $fading : 0.0, $fades && $fromTop ? Light::SOLID : 1.0)];

        return new self($area, $slices);
    }

    /**
     * @return array<int, int>
     */
    private static function counted(PixelGrid $picture, CaptionArea $area, float $from, float $until): array
    {
        // At least a px each way, towards the start: the end of an area is that of the picture, mostly.
        $right = (int) round(($area->left + $area->width) * $picture->width);
        $left = min($right - 1, (int) round($area->left * $picture->width));
        $bottom = (int) round(($area->top + $until * $area->height) * $picture->height);
        $top = min($bottom - 1, (int) round(($area->top + $from * $area->height) * $picture->height));
        $counts = $picture->counted($left, $top, $right, $bottom);
        $beyond = ($right - $left) * ($bottom - $top) - array_sum($counts);

        return $beyond > 0 ? $counts + [-1 => $beyond] : $counts;
    }
}
