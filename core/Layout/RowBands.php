<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use Closure;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Geometry\WidthBand;

/**
 * Which breaks of tiled rows serve in a band of widths: the cheapest at its middle of those that keep
 * every row within the allowed share of the wished height from its start to its end, wherever any do.
 */
final readonly class RowBands
{
    /** px of height that a row of several pictures has at least, whatever is around each. */
    private const LEAST = 12.0;

    /** How many rows more or fewer are tried until the last one is in balance. */
    private const TRIED = [0, -1, 1, -2, 2];

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
     * @return list<int> the first tile of each row
     */
    public function breaks(array $ratios, WidthBand $band, Closure $wished): array
    {
        [$from, $until] = Arrangement::ends($band);
        $width = Arrangement::middle($band);
        $height = $wished($width);
        $limits = new RowLimits($from - $this->outside, $until - $this->outside, max(self::LEAST, (1 - $this->stray) * $height), (1 + $this->stray) * $height);
        $breaks = fn (float $aim): array => (new RowBreaks($aim, $this->between, $this->lastRow))->best($ratios, $width - $this->outside, $limits);
        $aim = WidthSteps::aimedAt($height, $width);
        $best = $breaks($aim);

        return $this->lastRow === LastRow::Balance ? $this->balanced($best, $aim, $breaks, new RowBalance($ratios, $this->between, $width - $this->outside)) : $best;
    }

    /**
     * @param  list<int>  $best
     * @param  Closure(float): list<int>  $breaks  by the height aimed at
     * @return list<int>
     */
    private function balanced(array $best, float $aim, Closure $breaks, RowBalance $balance): array
    {
        if ($balance->off($best) === 0.0) {
            return $best;
        }
        $rows = count($best);
        $best = $balance->evened($best, $aim);
        $off = $balance->off($best);
        $heights = array_map($balance->heightOf(...), array_filter(array_map(static fn (int $more): int => $rows + $more, self::TRIED), static fn (int $rows): bool => $rows > 0));
        usort($heights, static fn (float $a, float $b): int => abs(log($a / $aim)) <=> abs(log($b / $aim)));
        foreach ($heights as $height) {
            if ($off > 0.0) {
                $tried = $balance->evened($breaks($height), $height);
                $isOff = $balance->off($tried);
                [$best, $off] = $isOff < $off ? [$tried, $isOff] : [$best, $off];
            }
        }

        return $best;
    }
}
