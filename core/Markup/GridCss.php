<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Geometry\Box;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;

/**
 * A grid in the browser's own grid, which comes to the same boxes: only a short last row that is
 * centred or filled is placed by its boxes. One that is balanced stands in lines that wrap.
 */
final readonly class GridCss implements PlacesCss
{
    /** px that each tile of a wrapping line is narrower, so that no rounding pushes the last one down. */
    private const SAFETY = '.02px';

    private bool $wraps;

    public function __construct(private string $list, private LayoutDesign $layout)
    {
        $this->wraps = $layout->kind === LayoutKind::Grid && $layout->lastRow === LastRow::Balance;
    }

    public function always(): string
    {
        if (! $this->wraps) {
            return '';
        }

        return "{$this->list}{display:flex;flex-wrap:wrap;align-items:flex-start}";
    }

    public function band(int $number, BandArrangement $band, array $items, TileRules $rules): string
    {
        return $this->wraps ? $this->even($band, count($items)) : $this->grid($band, $items, $rules);
    }

    public function cut(string $closed, BandArrangement $band, int $first): string
    {
        return '';
    }

    /** Rows of a balanced grid: the fuller ones first, then those with one tile less. */
    private function even(BandArrangement $band, int $count): string
    {
        $last = $band->boxes->widths[$count - 1] ?? null;
        if ($last === null) {
            return '';
        }
        $css = "{$this->list}>li{width:calc(".Css::length($band->boxes->widths[0], '%').' - '.self::SAFETY.')}';
        if ($last === $band->boxes->widths[0]) {
            return $css;
        }
        $first = (int) array_search($last, $band->boxes->widths, true);

        return $css."{$this->list}>:nth-child(n+".($first + 1).'){width:calc('.Css::length($last, '%').' - '.self::SAFETY.')}';
    }

    /**
     * @param  list<Shown>  $items
     */
    private function grid(BandArrangement $band, array $items, TileRules $rules): string
    {
        $css = "{$this->list}{grid-template-columns:repeat({$band->columns},minmax(0,1fr))}";
        $short = $band->inLastRow();
        if ($short === $band->columns || $this->layout->lastRow === LastRow::Start || $this->layout->kind === LayoutKind::Single) {
            return $css;
        }
        for ($i = count($items) - $short; $i < count($items); $i++) {
            $css .= $rules->selector($i).'{'.$this->placed($band->boxes->get($i), $band->rows(), $items[$i]).'}';
        }

        return $css;
    }

    /** A tile of the last row, placed by its box within the whole width of its row. */
    private function placed(Box $box, int $row, Shown $item): string
    {
        $rules = "grid-area:{$row}/1/auto/-1;width:".Css::length($box->width, '%')
            .';margin-inline-start:'.Css::length($box->left, '%');
        // A row whose height was held has other shapes than the rest.
        if ($this->isHeld($box)) {
            $picture = $box->height->plusPx(-(float) $this->layout->belowPicture());
            $shape = Ratio::of($box->width->at(Arrangement::WIDEST), $picture->at(Arrangement::WIDEST));
            $at = SectionCss::objectPosition($item, $shape, $this->layout->fillingInForce());
            $rules .= ';--r:auto;--h:'.Css::length($picture, 'cqw').($at === null ? '' : ";--at:{$at}");
        }

        return $rules;
    }

    private function isHeld(Box $box): bool
    {
        $shared = $this->layout->sharedShape()?->ratio;

        return $shared !== null && abs($box->width->a / $box->height->a - $shared->value) > 1e-9;
    }
}
