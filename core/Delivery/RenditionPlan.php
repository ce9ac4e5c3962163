<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Viewer\ClickAct;
use ZincPane\Core\Viewer\ZoomMost;

/**
 * Which renditions of a picture a layout needs.
 *
 * Widths come from one ladder (each step at most 1.23 times the one before), so that galleries
 * share files; of the ladder only the steps are made that some tile asks for at some width
 * of page and some density of screen, and those of the viewer. Nothing is enlarged.
 */
final class RenditionPlan
{
    /** Steps in px. */
    public const LADDER = [160, 196, 240, 294, 360, 441, 540, 661, 810, 992, 1215, 1488, 1820, 2230, 2560];

    /** The same, and further steps in px, which only the large view asks for. */
    private const STEPS = [...self::LADDER, 3148, 3840, 4720, 5800, 7100, 8700, 10700];

    /** px below which nothing is drawn in a large view, and the widest window that is reckoned with. */
    private const LARGE = [240, 3840];

    /** Widths in px that every picture has: two for the studio, two for the viewer. */
    public const ALWAYS = [240, 540, 1215, 1820];

    /** Widths in px also made as JPEG, for whoever reads no WebP; the last is the plain link's. */
    public const FALLBACK = [540, 1215, 1820];

    /** Device px for each CSS px at most: of phones, and of windows that no phone has. */
    private const DENSEST = 3;

    private const DENSEST_WIDE = 2;

    /** px of the window from which it is no phone's held upright. */
    private const WIDE_FROM = 700;

    /** @var array<string, array<string, Rendition>> what was told before, by size */
    private array $told = [];

    /**
     * @param  list<array{float, float}>  $needs  least px of tile width, and most device px of it
     * @param  int  $large  px up to which it is seen large; 0 for not at all
     */
    private function __construct(
        private readonly array $needs,
        private readonly ?Ratio $tile,
        private readonly ObjectFit $fit,
        private readonly int $large = 0,
    ) {
    }

    /** What any picture gets before it stands in a gallery. */
    public static function basic(): self
    {
        return new self([], null, ObjectFit::Contain);
    }

    /**
     * For places of any width.
     *
     * @param  list<Arrangement>  $arrangements  of the gallery, or of each of its albums
     * @param  list<ClickAct>  $acts  what clicks on its items come to
     */
    public static function of(GalleryDesign $design, array $arrangements, array $acts = []): self
    {
        return self::placed($design, array_map(static fn (Arrangement $arrangement): array => [$arrangement, ContentWidth::unknown()], $arrangements), $acts);
    }

    /**
     * @param  list<array{Arrangement, ContentWidth}>  $placed  of the gallery, or of each of its albums, with the width of the place it stands at
     * @param  list<ClickAct>  $acts  what clicks on its items come to
     */
    public static function placed(GalleryDesign $design, array $placed, array $acts = []): self
    {
        $needs = [];
        foreach ($placed as [$arrangement, $content]) {
            $spans = self::spans($content);
            foreach ($arrangement->bands as $band) {
                [$start, $end] = Arrangement::ends($band->band);
                foreach ($spans as [$from, $until, $density]) {
                    if ($from <= $end && $until >= $start) {
                        [$least, $most] = self::rangeOf($band, max($from, $start), min($until, $end));
                        $needs[] = [$least, $most * $density];
                    }
                }
            }
        }

        $isSeenLarge = array_filter($acts, static fn (ClickAct $act): bool => $act->isSeenLarge()) !== [];

        return new self($needs, $design->layout->sharedShape()?->ratio, $design->layout->objectFitInForce(), match (true) {
            ! $isSeenLarge => 0,
            $design->viewer->zoom->most === ZoomMost::None => self::LARGE[1],
            default => PHP_INT_MAX,
        });
    }

    /**
     * @return array<string, Rendition> by file name, from narrow to wide, WebP before JPEG
     */
    public function for(Size $picture): array
    {
        return $this->told["{$picture->width}x{$picture->height}"] ??= $this->planned($picture);
    }

    /**
     * @return array<string, Rendition>
     */
    private function planned(Size $picture): array
    {
        $plan = [];
        foreach ($this->widthsFor($picture) as $width => $fallback) {
            foreach ($fallback ? [Format::WebP, Format::Jpeg] : [Format::WebP] as $format) {
                $rendition = new Rendition($width, $format);
                $plan[$rendition->fileName()] = $rendition;
            }
        }

        return $plan;
    }

    /**
     * The widest file that a tile asks for.
     *
     * @return positive-int px
     */
    public static function widestTile(): int
    {
        return self::LADDER[array_key_last(self::LADDER)];
    }

    /**
     * The width of the JPEG that a plain link opens.
     *
     * @return positive-int px
     */
    public static function linkWidth(Size $picture): int
    {
        return max(1, min(self::FALLBACK[array_key_last(self::FALLBACK)], $picture->width));
    }

    /**
     * @return array<positive-int, bool> whether there is a JPEG too, by width
     */
    private function widthsFor(Size $picture): array
    {
        $factor = $this->factorFor($picture->ratio());
        $widths = [];
        foreach (self::LADDER as $i => $step) {
            $below = self::LADDER[$i - 1] ?? 0;
            if (in_array($step, self::ALWAYS, true) || $this->isNeeded($below, $step, $factor)) {
                $width = max(1, min($step, $picture->width));
                $widths[$width] = ($widths[$width] ?? false) || in_array($step, self::FALLBACK, true);
            }
        }
        foreach ($this->large > 0 ? self::STEPS : [] as $i => $step) {
            $below = self::STEPS[$i - 1] ?? 0;
            if ($step >= self::LARGE[0] && $below < $this->large && $below < $picture->width) {
                $width = max(1, min($step, $picture->width));
                $widths[$width] ??= false;
            }
        }
        ksort($widths);

        return $widths;
    }

    /** Whether some tile asks for more than the step below and no more than this one. */
    private function isNeeded(int $below, int $step, float $factor): bool
    {
        $last = $step === self::LADDER[array_key_last(self::LADDER)];
        foreach ($this->needs as [$least, $most]) {
            if ($most * $factor > $below && ($last || $least * $factor <= $step)) {
                return true;
            }
        }

        return false;
    }

    /** A picture that covers a tile flatter than itself is as wide as the tile, else wider. */
    private function factorFor(Ratio $picture): float
    {
        if ($this->tile === null) {
            return 1.0;
        }
        $factor = $picture->value / $this->tile->value;

        return $this->fit === ObjectFit::Cover ? max(1.0, $factor) : min(1.0, $factor);
    }

    /**
     * Inner widths that a place has, with the densest screens at them.
     *
     * @return list<array{float, float, int}> px from and until
     */
    private static function spans(ContentWidth $content): array
    {
        return $content->isKnown()
            ? [[...$content->between(Arrangement::NARROWEST, self::WIDE_FROM), self::DENSEST], [...$content->between(self::WIDE_FROM, self::LARGE[1]), self::DENSEST_WIDE]]
            : [[0.0, INF, self::DENSEST]];
    }

    /**
     * @return array{float, float} the least and the most width in px of a picture in its tile, within a stretch of inner widths in px
     */
    private static function rangeOf(BandArrangement $band, float $from, float $until): array
    {
        $least = INF;
        $most = 0.0;
        $seen = null;
        foreach ($band->boxes->widths as $width) {
            if ($width !== $seen) {
                $seen = $width;
                $least = min($least, $seen->at($from) - $band->frame->across());
                $most = max($most, $seen->at($until) - $band->frame->across());
            }
        }

        return [$least, $most];
    }
}
