<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use Closure;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\WidthBand;

/**
 * Bands of widths in which the same breaks of tiled rows serve, with no row higher or lower than
 * is wished by more than the allowed share.
 *
 * From narrow to wide, each band is as wide as any breaks can make it, so no fewer bands would do;
 * of the breaks that hold so far the cheapest in its middle are taken. Where no breaks hold the
 * share for long (two portraits on a phone, too high alone and too low together), a band is a
 * small step wide and its breaks are those of least cost.
 */
final readonly class RowBands
{
    /** How many times as wide as its start a band without breaks that hold is. */
    private const STEP = 1.22;

    /** A band is at least so many times as wide as its start. */
    private const WORTH = 1.05;

    /** px of height that a row of several pictures has at least, whatever is around each. */
    private const LEAST = 12.0;

    /** px from one picture to the next. */
    private float $between;

    /** px by which a row is wider than its pictures and what is between them. */
    private float $outside;

    public function __construct(int $gap, TileFrame $frame, private LastRow $lastRow, private float $stray)
    {
        $this->outside = $frame->across();
        $this->between = $gap + $this->outside;
    }

    /**
     * @param  list<float>  $ratios
     * @param  Closure(float): float  $wished  height in px by inner width in px
     * @return non-empty-list<array{WidthBand, list<int>}> with the first tile of each row
     */
    public function list(array $ratios, Closure $wished): array
    {
        $bands = [];
        for ($from = Arrangement::NARROWEST; $from < Arrangement::WIDEST; $from = $until) {
            $height = $wished($from);
            $end = $from < LayoutDesign::WIDE_FROM && $wished(LayoutDesign::WIDE_FROM) !== $height ? LayoutDesign::WIDE_FROM : Arrangement::WIDEST;
            [$until, $starts] = $this->band($ratios, $from, $end, $height);
            $bands[] = [$from, $starts];
        }

        return self::joined($bands);
    }

    /**
     * @param  list<float>  $ratios
     * @param  int  $end  where it ends at the latest
     * @return array{int, list<int>} where the band ends, and the breaks
     */
    private function band(array $ratios, int $from, int $end, float $height): array
    {
        $breaks = new RowBreaks($height, $this->between, $this->lastRow);
        $limits = new RowLimits($from - $this->outside, $end - $this->outside, (1 - $this->stray) * $height, (1 + $this->stray) * $height);
        $reach = (int) min($end, $limits->reach($ratios, $this->between) + $this->outside);
        if ($reach === $end || $reach >= self::WORTH * $from) {
            return [$reach, $breaks->best($ratios, sqrt($from * $reach) - $this->outside, $limits->until($reach - $this->outside))];
        }
        $until = (int) min($end, ceil($from * self::STEP));

        return [$until, $breaks->best($ratios, sqrt($from * $until) - $this->outside, RowLimits::atLeast($from - $this->outside, self::LEAST))];
    }

    /**
     * Neighbours with the same breaks are one band.
     *
     * @param  list<array{int, list<int>}>  $bands
     * @return non-empty-list<array{WidthBand, list<int>}>
     */
    private static function joined(array $bands): array
    {
        $joined = [];
        foreach ($bands as $i => [$from, $starts]) {
            if ($i === 0 || $starts !== $bands[$i - 1][1]) {
                $joined[] = [$i === 0 ? 0 : $from, $starts];
            }
        }

        $list = [];
        foreach ($joined as $i => [$from, $starts]) {
            $list[] = [new WidthBand($from, $joined[$i + 1][0] ?? null), $starts];
        }

        return $list === [] ? [[new WidthBand(0, null), []]] : $list;
    }
}
