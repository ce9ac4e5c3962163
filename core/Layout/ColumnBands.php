<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\ColumnRule;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\WidthBand;

/** How many columns there are at which widths. A band begins where one column more fits, and nowhere else. */
final readonly class ColumnBands
{
    /** Below 600 px, there are no more columns than leave a tile this wide, in px, unless it is wished. */
    public const LEAST_ON_NARROW = 140;

    /**
     * And nowhere more than leave a picture this wide, in px, whatever is wished: what WCAG asks of a target
     * (https://www.w3.org/TR/WCAG22/#target-size-minimum). Wide gaps would eat the tiles up.
     */
    public const LEAST = 24;

    /** px of inner width up to which a gallery stands on a phone. */
    private const WIDEST_PHONE = 390;

    public function __construct(private LayoutDesign $design, private TileFrame $frame)
    {
    }

    /**
     * @return non-empty-list<array{WidthBand, positive-int}>
     */
    public function list(): array
    {
        $starts = $this->design->columnRule === ColumnRule::Fit
            ? $this->startsWithLeast($this->design->tileWidth, Arrangement::WIDEST + 1, PHP_INT_MAX)
            : $this->startsOfCount();
        if ($this->design->phone->columns !== null) {
            $starts = $this->onPhone($starts, max(1, $this->design->phone->columns));
        }
        $starts = $this->thatFit($starts);

        $bands = [];
        $from = array_keys($starts);
        foreach (array_values($starts) as $i => $columns) {
            $bands[] = [new WidthBand($from[$i], $from[$i + 1] ?? null), $columns];
        }

        return $bands;
    }

    /**
     * @return array{WidthBand, positive-int}
     */
    public function at(float $width): array
    {
        $bands = $this->list();
        foreach ($bands as [$band, $columns]) {
            if ($band->contains($width)) {
                return [$band, $columns];
            }
        }

        return $bands[0];
    }

    /**
     * @return non-empty-array<int, positive-int> columns by the inner width they begin at
     */
    private function startsOfCount(): array
    {
        $wished = max(1, $this->design->columns);
        $starts = $this->startsWithLeast(self::LEAST_ON_NARROW, LayoutDesign::WIDE_FROM, $wished);
        if ($wished - end($starts) > 1) {
            $starts = $this->oneByOne($starts, $wished);
        }
        if (end($starts) !== $wished) {
            $starts[LayoutDesign::WIDE_FROM] = $wished;
        }

        return $starts;
    }

    /**
     * Where several columns would be added at once, they are added one by one from the widest phone on: a gallery that
     * is given two thirds of its columns more at a stroke falls to less than half its height.
     *
     * @param  non-empty-array<int, positive-int>  $starts
     * @return non-empty-array<int, positive-int>
     */
    private function oneByOne(array $starts, int $wished): array
    {
        $kept = array_filter($starts, static fn (int $start): bool => $start <= self::WIDEST_PHONE, ARRAY_FILTER_USE_KEY);
        $from = max(self::WIDEST_PHONE, (int) array_key_last($kept));
        $last = (int) end($kept);
        for ($k = $last + 1; $k < $wished; $k++) {
            $kept[(int) round($from * (LayoutDesign::WIDE_FROM / $from) ** (($k - $last) / ($wished - $last)))] = $k;
        }

        return $kept === [] ? [0 => 1] : $kept;
    }

    /**
     * k columns begin where k tiles of the least width and the gaps between them fit.
     *
     * @return non-empty-array<int, positive-int>
     */
    private function startsWithLeast(int $least, int $until, int $most): array
    {
        $starts = [0 => 1];
        for ($k = 2; $k <= $most; $k++) {
            $start = $k * $least + ($k - 1) * $this->design->gap;
            if ($start >= $until) {
                break;
            }
            $starts[$start] = $k;
        }

        return $starts;
    }

    /**
     * @param  non-empty-array<int, positive-int>  $starts
     * @return non-empty-array<int, positive-int> with as many of the columns as there is room for
     */
    private function thatFit(array $starts): array
    {
        $needs = fn (int $columns): int => $columns * (self::LEAST + (int) ceil($this->frame->across())) + ($columns - 1) * $this->design->gap;
        $fit = [];
        $from = array_keys($starts);
        foreach (array_values($starts) as $i => $columns) {
            $until = $from[$i + 1] ?? PHP_INT_MAX;
            for ($k = 1; $k <= $columns; $k++) {
                $start = max($from[$i], $k === 1 ? 0 : $needs($k));
                if ($start < $until && $start <= Arrangement::WIDEST) {
                    $fit[$start] = $k;
                }
            }
        }
        $changes = [];
        foreach ($fit as $start => $k) {
            if ($k !== end($changes)) {
                $changes[$start] = $k;
            }
        }

        return $changes === [] ? [0 => 1] : $changes;
    }

    /**
     * @param  non-empty-array<int, positive-int>  $starts
     * @param  positive-int  $columns
     * @return non-empty-array<int, positive-int>
     */
    private function onPhone(array $starts, int $columns): array
    {
        $wide = [];
        $last = 1;
        foreach ($starts as $start => $count) {
            if ($start >= LayoutDesign::WIDE_FROM) {
                $wide[$start] = $count;
            } else {
                $last = $count;
            }
        }

        return [0 => $columns] + ($last === $columns ? [] : [LayoutDesign::WIDE_FROM => $wide[LayoutDesign::WIDE_FROM] ?? $last]) + $wide;
    }
}
