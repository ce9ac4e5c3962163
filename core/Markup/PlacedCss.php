<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Longest;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Markup\Style\Css;

/** Tiles of one width that are placed by their boxes: of each its left and top; the height follows from its shape. */
final readonly class PlacedCss implements PlacesCss
{
    /**
     * @param  Css  $list  selector of the list of tiles
     */
    public function __construct(private Css $list)
    {
    }

    public function always(): Css
    {
        return Css::of('{list}{position:relative}{list}>li{position:absolute}', ['list' => $this->list]);
    }

    public function band(int $number, BandArrangement $band, array $items, TileRules $rules): Css
    {
        foreach (array_keys($items) as $i) {
            $this->tell($rules, $i, Css::of('x{n}', ['n' => $number]), $band->boxes->lefts[$i]);
            $this->tell($rules, $i, Css::of('y{n}', ['n' => $number]), $band->boxes->tops[$i]);
        }

        return Css::of(
            '{list}{height:{height}}{list}>li{left:calc(var(--x{n},0)*1cqw + var(--x{n}p,0)*1px);top:calc(var(--y{n},0)*1cqw + var(--y{n}p,0)*1px);width:{width}}',
            [
                'list' => $this->list, 'n' => $number,
                'height' => self::height($band, count($items)),
                'width' => $items === [] ? Css::of('0px') : Css::length($band->boxes->widths[0], 'cqw'),
            ],
        );
    }

    public function cut(Css $closed, BandArrangement $band, int $first): Css
    {
        return Css::of('{closed}{height:{height}}', ['closed' => $closed, 'height' => self::height($band, $first)]);
    }

    private function tell(TileRules $rules, int $tile, Css $name, Linear $line): void
    {
        // Exact to a fifth of a px at any width in use.
        $share = round(100 * $line->a, 2);
        $px = round($line->b, 1);
        if ($share !== 0.0) {
            $rules->add($tile, Css::of('--{name}:{share}', ['name' => $name, 'share' => $share]));
        }
        if ($px !== 0.0) {
            $rules->add($tile, Css::of('--{name}p:{px}', ['name' => $name, 'px' => $px]));
        }
    }

    /**
     * As low as the lowest of the first tiles, whichever that is within the band.
     *
     * @param  int  $count  of these tiles
     * @param  int  $decimals  kept
     */
    public static function height(BandArrangement $band, int $count, int $decimals = 4): Css
    {
        $boxes = $band->boxes;
        $ends = [];
        for ($i = 0; $i < $count; $i++) {
            $ends[] = $boxes->tops[$i]->plus($boxes->heights[$i]);
        }

        return Css::longest(Longest::among($ends, ...Arrangement::ends($band->band)), 'cqw', $decimals);
    }
}
