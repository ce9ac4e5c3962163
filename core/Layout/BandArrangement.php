<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Geometry\Box;
use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Longest;
use ZincPane\Core\Geometry\WidthBand;

/** The boxes of all tiles in one band of widths. */
final readonly class BandArrangement
{
    /** Of the whole gallery. */
    public Longest $height;

    /**
     * @param  positive-int  $columns  tiles in a full row; of tiled rows and a mosaic the most in one
     * @param  Boxes  $boxes  of the tiles, in the order of the pictures, with all that is around a picture
     * @param  Linear|Longest  $height  of the whole gallery
     * @param  list<int>  $rowStarts  the first tile of each row, of each block of a mosaic
     */
    public function __construct(
        public WidthBand $band,
        public int $columns,
        public Boxes $boxes,
        Linear|Longest $height,
        public array $rowStarts,
        public TileFrame $frame,
    ) {
        $this->height = $height instanceof Linear ? Longest::of($height) : $height;
    }

    /** The same in a part of its band. */
    public function within(WidthBand $part): self
    {
        return new self($part, $this->columns, $this->boxes, $this->height, $this->rowStarts, $this->frame);
    }

    /** Where the picture of a tile stands, without what is around it. */
    public function picture(int $index): Box
    {
        return $this->frame->pictureIn($this->boxes->get($index));
    }

    /**
     * The first tiles of rows that are all as long but the last.
     *
     * @param  int  $count  of the tiles
     * @param  positive-int  $inRow
     * @return list<int>
     */
    public static function evenStarts(int $count, int $inRow, int $first = 0): array
    {
        $starts = [];
        for ($start = 0; $start < $count; $start += $inRow) {
            $starts[] = $first + $start;
        }

        return $starts;
    }

    public function rows(): int
    {
        return count($this->rowStarts);
    }

    /**
     * How high each row is, from its first tile's top to its lowest tile's end.
     *
     * @return list<float> px
     */
    public function rowHeights(float $width): array
    {
        $heights = [];
        $count = count($this->boxes);
        foreach ($this->rowStarts as $row => $start) {
            $bottom = 0.0;
            for ($i = $start, $end = $this->rowStarts[$row + 1] ?? $count; $i < $end; $i++) {
                $bottom = max($bottom, $this->boxes->tops[$i]->at($width) + $this->boxes->heights[$i]->at($width));
            }
            $heights[] = $bottom - $this->boxes->tops[$start]->at($width);
        }

        return $heights;
    }

    /**
     * Where each column ends that has a tile.
     *
     * @return array<int, float> px, by left edge
     */
    public function columnEnds(float $width): array
    {
        $ends = [];
        foreach ($this->boxes->lefts as $i => $left) {
            $column = (int) round($left->at($width));
            $ends[$column] = max($ends[$column] ?? 0.0, $this->boxes->tops[$i]->at($width) + $this->boxes->heights[$i]->at($width));
        }

        return $ends;
    }

    /** How many tiles stand in the last row; 0 for an empty gallery. */
    public function inLastRow(): int
    {
        return count($this->boxes) - (int) ($this->rowStarts[count($this->rowStarts) - 1] ?? 0);
    }
}
