<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Markup\Style\Css;

/** How the boxes of a layout are said in CSS. */
interface PlacesCss
{
    /** Rules for all widths. */
    public function always(): Css;

    /**
     * Rules for one band; what is peculiar to a tile goes into its rule as custom properties.
     *
     * @param  list<Shown>  $items
     */
    public function band(int $number, BandArrangement $band, array $items, TileRules $rules): Css;

    /**
     * What else there is to say where the tiles from one on are hidden.
     *
     * @param  Css  $closed  selector of the list in that state
     */
    public function cut(Css $closed, BandArrangement $band, int $first): Css;
}
