<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\WidthBand;

/**
 * All pictures on one line that is scrolled sideways: a strip, in which each is as wide as its
 * height allows, or a slideshow, in which each takes the whole width.
 */
final readonly class StripLayout implements Layout
{
    /** Share of the width that a tile of a strip takes at most: the neighbour peeks out beside it. */
    public const PEEK = 0.86;

    /** A narrow gallery is at most so many times as high as it is wide, where nobody wished a height. */
    private const PHONE_HEIGHT = 0.75;

    /** Widest band in which a tile is held at the peek, as a factor: its shape strays by no more. */
    private const STEP = 1.25;

    /** px of height that a picture has at least. */
    private const LEAST = 48;

    public function __construct(private LayoutDesign $design, private TileFrame $frame)
    {
    }

    public function arrange(array $pictures, array $large = []): Arrangement
    {
        $bands = [];
        $starts = $this->starts($pictures);
        foreach ($starts as $i => $from) {
            $bands[] = $this->band(new WidthBand($i === 0 ? 0 : $from, $starts[$i + 1] ?? null), max($from, Arrangement::NARROWEST), $pictures);
        }

        return new Arrangement($bands === [] ? [$this->band(new WidthBand(0, null), Arrangement::NARROWEST, $pictures)] : $bands);
    }

    public function bandAt(array $pictures, float $width, array $large = []): BandArrangement
    {
        return $this->arrange($pictures)->at($width);
    }

    /** Height in px at an inner width in px. */
    public function height(float $width): int
    {
        $wished = $width >= LayoutDesign::WIDE_FROM
            ? $this->design->height
            : $this->design->phone->height ?? (int) min($this->design->height, round(self::PHONE_HEIGHT * 390));

        // Lines, mounts and captions must not eat the pictures up.
        return max($wished, (int) ceil($this->frame->down()) + self::LEAST);
    }

    /**
     * @param  list<Ratio>  $pictures
     * @return list<int>
     */
    private function starts(array $pictures): array
    {
        $starts = [Arrangement::NARROWEST];
        if ($this->design->kind === LayoutKind::Strip && $pictures !== []) {
            $widest = max(array_map(static fn (Ratio $own): float => $own->value, $pictures));
            $natural = $this->natural($widest, $this->height(LayoutDesign::WIDE_FROM));
            // Once the widest fits beside its neighbour, nothing changes any more.
            for ($from = Arrangement::NARROWEST * self::STEP; $from / self::STEP < $natural / self::PEEK && $from < Arrangement::WIDEST; $from *= self::STEP) {
                $starts[] = (int) round($from);
            }
        }
        if ($this->height(0) !== $this->height(LayoutDesign::WIDE_FROM) && ! in_array(LayoutDesign::WIDE_FROM, $starts, true)) {
            $starts[] = LayoutDesign::WIDE_FROM;
        }
        sort($starts);

        return $starts;
    }

    /**
     * @param  list<Ratio>  $pictures
     */
    private function band(WidthBand $band, int $from, array $pictures): BandArrangement
    {
        $height = $this->height($from);
        $lefts = $widths = [];
        $left = Linear::px(0);
        foreach ($pictures as $own) {
            $natural = $this->natural($own->value, $height);
            $width = match (true) {
                $this->design->kind === LayoutKind::Slideshow => Linear::of(1),
                $natural <= self::PEEK * $from => Linear::px($natural),
                default => Linear::of(self::PEEK),
            };
            $lefts[] = $left;
            $widths[] = $width;
            $left = $left->plus($width)->plusPx($this->design->gap);
        }
        $count = count($pictures);
        $high = Linear::px($height);

        return new BandArrangement(
            $band, max(1, $count),
            new Boxes($lefts, array_fill(0, $count, Linear::px(0)), $widths, array_fill(0, $count, $high)),
            $count === 0 ? Linear::px(0) : $high, $count === 0 ? [] : [0], $this->frame,
        );
    }

    /** px of width that a tile has where nothing holds it. */
    private function natural(float $ratio, int $height): float
    {
        return $ratio * max(1.0, $height - $this->frame->down()) + $this->frame->across();
    }
}
