<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Geometry\Box;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Markup\Style\Css;

/**
 * A grid in the browser's own grid, which comes to the same boxes: only a short last row that is
 * centred or filled is placed by its boxes. One that is balanced stands in lines that wrap.
 */
final readonly class GridCss implements PlacesCss
{
    /** px that each tile of a wrapping line is narrower, so that no rounding pushes the last one down. */
    private const SAFETY = 0.02;

    private bool $wraps;

    /**
     * @param  Css  $list  selector of the list of tiles
     */
    public function __construct(private Css $list, private LayoutDesign $layout)
    {
        $this->wraps = $layout->kind === LayoutKind::Grid && $layout->lastRow === LastRow::Balance;
    }

    public function always(): Css
    {
        return $this->wraps ? Css::of('{list}{display:flex;flex-wrap:wrap;justify-content:center;align-items:flex-start}', ['list' => $this->list]) : Css::none();
    }

    public function band(int $number, BandArrangement $band, array $items, TileRules $rules): Css
    {
        return $this->wraps ? $this->even($band, $items, $rules) : $this->grid($band, $items, $rules);
    }

    public function cut(Css $closed, BandArrangement $band, int $first): Css
    {
        return Css::none();
    }

    /**
     * Rows of a balanced grid: the fuller ones first, then those with one tile less.
     *
     * @param  list<Shown>  $items
     */
    private function even(BandArrangement $band, array $items, TileRules $rules): Css
    {
        $last = $band->boxes->widths[count($items) - 1] ?? null;
        if ($last === null) {
            return Css::none();
        }
        $css = [Css::of('{list}>li{width:{width}}', ['list' => $this->list, 'width' => Css::length($band->boxes->widths[0]->plusPx(-self::SAFETY), '%')])];
        if ($last === $band->boxes->widths[0]) {
            return $css[0];
        }
        $first = (int) array_search($last, $band->boxes->widths, true);
        $css[] = Css::of('{list}>:nth-child(n+{first}){width:{width}}', [
            'list' => $this->list, 'first' => $first + 1, 'width' => Css::length($last->plusPx(-self::SAFETY), '%'),
        ]);
        for ($i = $first; $i < count($items) && $this->isHeld($band, $band->picture($i)); $i++) {
            $css[] = Css::of('{tile}{{held}}', ['tile' => $rules->selector($i), 'held' => $this->held($band->picture($i), $items[$i])]);
        }

        return Css::all(...$css);
    }

    /**
     * @param  list<Shown>  $items
     */
    private function grid(BandArrangement $band, array $items, TileRules $rules): Css
    {
        $css = [Css::of('{list}{grid-template-columns:repeat({columns},minmax(0,1fr))}', ['list' => $this->list, 'columns' => $band->columns])];
        $short = $band->inLastRow();
        if ($short === $band->columns || $this->layout->lastRow === LastRow::Start || $this->layout->kind === LayoutKind::Single) {
            return $css[0];
        }
        for ($i = count($items) - $short; $i < count($items); $i++) {
            $css[] = Css::of('{tile}{{placed}}', ['tile' => $rules->selector($i), 'placed' => $this->placed($band, $i, $items[$i])]);
        }

        return Css::all(...$css);
    }

    /** A tile of the last row, placed by its box within the whole width of its row. */
    private function placed(BandArrangement $band, int $index, Shown $item): Css
    {
        $box = $band->boxes->get($index);
        $placed = Css::of('grid-area:{row}/1/auto/-1;width:{width};margin-inline-start:{left}', [
            'row' => $band->rows(), 'width' => Css::length($box->width, '%'), 'left' => Css::length($box->left, '%'),
        ]);
        $picture = $band->picture($index);

        return $this->isHeld($band, $picture) ? Css::all($placed, Css::of(';'), $this->held($picture, $item)) : $placed;
    }

    /** The height of a tile in a row that was held, which has other shapes than the rest. */
    private function held(Box $picture, Shown $item): Css
    {
        $shape = Ratio::of($picture->width->at(Arrangement::WIDEST), $picture->height->at(Arrangement::WIDEST));
        $at = ObjectPosition::of($item, $shape, $this->layout->objectFitInForce());

        return Css::all(
            Css::of('--r:auto;--h:{height}', ['height' => Css::length($picture->height, 'cqw')]),
            $at === null ? Css::none() : Css::of(';--at:{at}', ['at' => $at]),
        );
    }

    private function isHeld(BandArrangement $band, Box $picture): bool
    {
        $shared = $this->layout->sharedShape()?->ratio;
        [$from] = Arrangement::ends($band->band);

        return $shared !== null && abs($picture->width->at($from) / $picture->height->at($from) - $shared->value) > 1e-6;
    }
}
