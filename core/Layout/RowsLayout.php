<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\WidthBand;

/** Rows of even height that fill the width; nothing is cropped. */
final readonly class RowsLayout implements Layout
{
    /** Share by which a row may be higher or lower than is wished, within a band, where any breaks allow it. */
    public const STRAY = 0.3;

    /** A last row that need not fill the width is at most so many times as high as is wished. */
    public const LAST_HEIGHT = 1.3;

    /** Height that is found good where the gallery is narrow: so much of the wide one at 390 px, rising with the width by this power to four fifths at 600. */
    private const PHONE_SHARE = 0.62;

    private const PHONE_WIDTH = 390;

    private const PHONE_POWER = 0.65;

    private const LEAST_ON_PHONE = 110;

    public function __construct(private LayoutDesign $design, private TileFrame $frame)
    {
    }

    public function arrange(array $pictures, array $large = []): Arrangement
    {
        $ratios = self::ratios($pictures);
        $rows = $this->rows();
        $bands = [];
        $before = null;
        foreach (WidthSteps::bands() as $band) {
            $starts = $rows->breaks($ratios, $band, $this->rowHeight(...));
            $last = $this->lastHeight($band, $starts, $ratios);
            // Neighbours of which all is the same are one band.
            if ($before !== null && $before[1] === $starts && $before[2]->isLike($last)) {
                $before[0] = new WidthBand($before[0]->from, $band->until);
            } else {
                $bands[] = $before;
                $before = [$band, $starts, $last];
            }
        }

        return new Arrangement(array_map(fn (array $each): BandArrangement => $this->band($each[0], $each[1], $each[2], $ratios), [...array_filter($bands), $before]));
    }

    public function bandAt(array $pictures, float $width, array $large = []): BandArrangement
    {
        $ratios = self::ratios($pictures);
        $band = WidthSteps::holding($width, WidthSteps::bands());
        $starts = $this->rows()->breaks($ratios, $band, $this->rowHeight(...));

        return $this->band($band, $starts, $this->lastHeight($band, $starts, $ratios), $ratios);
    }

    private function rows(): RowBands
    {
        return new RowBands($this->design->gap, $this->frame, $this->design->lastRow, self::STRAY);
    }

    /**
     * @param  list<Ratio>  $pictures
     * @return list<float>
     */
    private static function ratios(array $pictures): array
    {
        return array_map(static fn (Ratio $own): float => $own->value, $pictures);
    }

    /**
     * @param  list<int>  $starts
     * @param  list<float>  $ratios
     */
    private function lastHeight(WidthBand $band, array $starts, array $ratios): Linear
    {
        $rows = [];
        foreach ($starts as $row => $start) {
            $rows[] = $this->justified($ratios, $start, $starts[$row + 1] ?? count($ratios));
        }
        $last = array_pop($rows);

        return $last === null ? Linear::px(0) : $this->last($band, $last, $rows);
    }

    /** Height in px that is wished at an inner width in px. */
    public function rowHeight(float $width): float
    {
        if ($width >= LayoutDesign::WIDE_FROM) {
            return $this->design->rowHeight;
        }

        return $this->design->phone->rowHeight ?? min($this->design->rowHeight, max(self::LEAST_ON_PHONE, self::PHONE_SHARE * ($width / self::PHONE_WIDTH) ** self::PHONE_POWER * $this->design->rowHeight));
    }

    /**
     * @param  list<int>  $starts
     * @param  Linear  $last  height of the last row
     * @param  list<float>  $ratios
     */
    private function band(WidthBand $band, array $starts, Linear $last, array $ratios): BandArrangement
    {
        $count = count($ratios);
        $gap = $this->design->gap;
        $across = $this->frame->across();
        $lefts = $tops = $widths = $heights = [];
        $bottom = Linear::px(0);
        $most = 1;
        foreach ($starts as $row => $start) {
            $end = $starts[$row + 1] ?? $count;
            $most = max($most, $end - $start);
            $height = $end === $count ? $last : $this->justified($ratios, $start, $end);
            $left = $end === $count && $this->design->lastRow === LastRow::Centre ? $this->centred($height, $ratios, $start, $end) : Linear::px(0);
            $top = $row === 0 ? $bottom : $bottom->plusPx($this->design->gap);
            $whole = $height->plusPx($this->frame->down());
            // Written for speed: galleries of a thousand are laid out in two dozen bands.
            [$a, $b, $x, $y] = [$height->a, $height->b, $left->a, $left->b];
            $same = null;
            $width = Linear::px(0);
            for ($i = $start; $i < $end; $i++) {
                $ratio = $ratios[$i];
                if ($ratio !== $same) {
                    $width = new Linear($a * $ratio, $b * $ratio + $across);
                    $same = $ratio;
                }
                $lefts[] = $left;
                $tops[] = $top;
                $widths[] = $width;
                $heights[] = $whole;
                $x += $a * $ratio;
                $y += $b * $ratio + $across + $gap;
                $left = new Linear($x, $y);
            }
            $bottom = $top->plus($whole);
        }

        return new BandArrangement($band, $most, new Boxes($lefts, $tops, $widths, $heights), $bottom, $starts, $this->frame);
    }

    /**
     * @param  list<float>  $ratios
     */
    private function justified(array $ratios, int $start, int $end): Linear
    {
        $sum = 0.0;
        for ($i = $start; $i < $end; $i++) {
            $sum += $ratios[$i];
        }

        return Linear::of(1 / $sum, -$this->between($end - $start) / $sum);
    }

    /** px of a row that are no picture. */
    private function between(int $tiles): float
    {
        return ($tiles - 1) * $this->design->gap + $tiles * $this->frame->across();
    }

    /**
     * A last row that need not fill the width is as high as the rows above are on the whole, so that it grows with them;
     * where it would be wider than the gallery then, it fills it.
     *
     * @param  list<Linear>  $above  heights of the rows above
     */
    private function last(WidthBand $band, Linear $filling, array $above): Linear
    {
        if (! $this->design->lastRow->leavesRoom()) {
            return $filling;
        }
        [$from, $until] = Arrangement::ends($band);
        $wished = $this->rowHeight($from);
        $usual = Linear::px(min($wished, $filling->at($from)));
        if ($above !== []) {
            $sum = Linear::px(0);
            foreach ($above as $height) {
                $sum = $sum->plus($height);
            }
            $usual = $sum->times(1 / count($above));
            // Panoramas are lower than anybody wished, and a portrait in a row of its own higher.
            if ($usual->at($until) > self::LAST_HEIGHT * $wished || $usual->at($from) < $wished / self::LAST_HEIGHT) {
                $usual = Linear::px($wished);
            }
        }

        return $usual->at($from) <= $filling->at($from) && $usual->at($until) <= $filling->at($until) ? $usual : $this->lower($filling, $usual, $from, $until);
    }

    /** Nowhere higher than either. */
    private function lower(Linear $filling, Linear $usual, int $from, int $until): Linear
    {
        if ($filling->at($from) <= $usual->at($from) && $filling->at($until) <= $usual->at($until)) {
            return $filling;
        }
        // They cross within the band: as high as the lower one at each end.
        [$low, $high] = [min($filling->at($from), $usual->at($from)), min($filling->at($until), $usual->at($until))];
        $rise = ($high - $low) / max(1, $until - $from);

        return Linear::of($rise, $low - $rise * $from);
    }

    /**
     * @param  list<float>  $ratios
     */
    private function centred(Linear $height, array $ratios, int $start, int $end): Linear
    {
        $sum = 0.0;
        for ($i = $start; $i < $end; $i++) {
            $sum += $ratios[$i];
        }

        return Linear::of(1)->minus($height->times($sum))->plusPx(-$this->between($end - $start))->times(0.5);
    }
}
