<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use Closure;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\WidthBand;

/**
 * Bands of widths in which the same breaks of tiled rows serve: each as wide as lets no row be
 * higher or lower than is wished by more than the allowed share.
 *
 * From narrow to wide, each band is made as wide as it can be; so there are no more of them than
 * are needed, to within the fineness of the search. Where no breaks can hold the share (a panorama
 * on a phone, a single picture), a band is a small step wide and its breaks are those of least cost.
 */
final readonly class RowBands
{
    /** How many times as wide as its start a band is tried to be, the widest first. */
    private const WIDENESS = [1.6, 1.5, 1.42, 1.35, 1.28, self::STEP, 1.16, 1.11];

    /** Of bands that cannot hold the share, and its place among the others. */
    private const STEP = 1.22;

    private const STEP_TRY = 5;

    public function __construct(private int $gap, private LastRow $lastRow, private float $stray)
    {
    }

    /**
     * @param  list<float>  $ratios
     * @param  Closure(float): float  $wished  height in px by inner width in px
     * @return non-empty-list<array{WidthBand, list<int>}> with the first tile of each row
     */
    public function list(array $ratios, Closure $wished): array
    {
        $bands = [];
        $try = 3;
        for ($from = Arrangement::NARROWEST; $from < Arrangement::WIDEST; $from = $until) {
            $height = $wished($from);
            $end = $from < LayoutDesign::WIDE_FROM && $wished(LayoutDesign::WIDE_FROM) !== $height ? LayoutDesign::WIDE_FROM : Arrangement::WIDEST;
            [$until, $starts, $try] = $this->widest(new RowBreaks($height, $this->gap, $this->lastRow), $ratios, $from, $end, $height, $try);
            $bands[] = [$from, $starts];
        }

        return self::joined($bands);
    }

    /**
     * Breaks that are best in the middle of a band of some wideness, for as far as they hold. The next
     * band is seldom much wider or narrower than the last, so the search begins there.
     *
     * @param  list<float>  $ratios
     * @param  int  $end  where it ends at the latest
     * @return array{int, list<int>, int} where the band ends, the breaks, and where the next search begins
     */
    private function widest(RowBreaks $breaks, array $ratios, int $from, int $end, float $height, int $try): array
    {
        $count = count(self::WIDENESS);
        $starts = [];
        for (; $try < $count; $try++) {
            $until = (int) min($end, ceil($from * self::WIDENESS[$try]));
            $middle = sqrt($from * $until);
            $starts = $breaks->best($ratios, $middle);
            $reach = $this->reach($ratios, $starts, $from, $height);
            if ($reach >= $until) {
                return [min($end, $reach), $starts, $this->nearest($reach / $from)];
            }
            // Where they do not even hold in the middle, no narrower band will help.
            if ($try >= self::STEP_TRY && $this->reach($ratios, $starts, $middle, $height) < $middle) {
                break;
            }
        }
        $until = (int) min($end, ceil($from * self::STEP));

        return [$until, $try === self::STEP_TRY ? $starts : $breaks->best($ratios, sqrt($from * $until)), self::STEP_TRY];
    }

    /** The widest try that a band of some wideness takes in. */
    private function nearest(float $wideness): int
    {
        foreach (self::WIDENESS as $try => $wide) {
            if ($wide <= $wideness) {
                return $try;
            }
        }

        return self::STEP_TRY;
    }

    /**
     * The inner width up to which every row but the last is near the wished height, from another one on;
     * 0 when one is not even there.
     *
     * @param  list<float>  $ratios
     * @param  list<int>  $starts
     */
    private function reach(array $ratios, array $starts, float $from, float $height): int
    {
        $least = (1 - $this->stray) * $height;
        $most = (1 + $this->stray) * $height;
        $reach = (float) (Arrangement::WIDEST + 1);
        $last = count($starts) - 1;
        for ($row = 0; $row < $last; $row++) {
            $sum = 0.0;
            for ($i = $starts[$row]; $i < $starts[$row + 1]; $i++) {
                $sum += $ratios[$i];
            }
            $gaps = ($starts[$row + 1] - $starts[$row] - 1) * $this->gap;
            if ($from - $gaps < $least * $sum) {
                return 0;
            }
            $reach = min($reach, $most * $sum + $gaps);
        }

        return (int) $reach;
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
