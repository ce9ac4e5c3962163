<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Finish\Lanes;

/** Which tiles of a layout drift together, so that no tile ever comes over another. */
final class DriftLanes
{
    /** The lanes that a layout can have of those that are wished. */
    public static function inForce(LayoutKind $kind, Lanes $wished): Lanes
    {
        return match (true) {
            $wished === Lanes::None || $kind->isStrip() => Lanes::None,
            $kind === LayoutKind::Grid => $wished,
            $kind === LayoutKind::Masonry => $wished === Lanes::Across ? Lanes::Down : $wished,
            $kind === LayoutKind::Rows => $wished === Lanes::Down ? Lanes::Across : $wished,
            default => Lanes::Single,
        };
    }

    /**
     * The lane of each tile, from 0: its column, or its row; 0 for all where they move as one, or where a wider
     * tile of a last row would stand across several columns.
     *
     * @return list<int>
     */
    public static function of(BandArrangement $band, Lanes $lanes): array
    {
        return match ($lanes) {
            Lanes::Down => self::columns($band),
            Lanes::Across => self::rows($band),
            Lanes::None, Lanes::Single => array_fill(0, count($band->boxes), 0),
        };
    }

    /**
     * @return list<int>
     */
    private static function columns(BandArrangement $band): array
    {
        $width = $band->boxes->widths[0] ?? null;
        $columns = [];
        $lanes = [];
        foreach ($band->boxes->lefts as $i => $left) {
            $own = $band->boxes->widths[$i];
            if ($width === null || abs($own->a - $width->a) + abs($own->b - $width->b) > 1e-6) {
                return array_fill(0, count($band->boxes), 0);
            }
            // A short last row in the middle stands between the columns.
            $lanes[] = $columns[round($left->a, 6).' '.round($left->b, 3)] ??= count($columns);
        }

        return count($columns) > $band->columns ? array_fill(0, count($lanes), 0) : $lanes;
    }

    /**
     * @return list<int>
     */
    private static function rows(BandArrangement $band): array
    {
        $lanes = [];
        foreach ($band->rowStarts as $row => $start) {
            $end = $band->rowStarts[$row + 1] ?? count($band->boxes);
            for ($i = $start; $i < $end; $i++) {
                $lanes[] = $row;
            }
        }

        return $lanes;
    }
}
