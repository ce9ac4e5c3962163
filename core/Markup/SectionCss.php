<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\InitialView;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Geometry\WidthBand;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Markup\Style\Css;

/** Lays the tiles of one section out, by container queries: one for each band of widths. */
final readonly class SectionCss
{
    private Css $list;

    private PlacesCss $places;

    /**
     * @param  Css  $pane  selector of the gallery
     * @param  int  $number  of the section in its gallery
     * @param  list<Shown>  $items  of the section
     * @param  ?int  $widest  px of the inner width; bands that only come beyond it are left out
     */
    public function __construct(Css $pane, int $number, private LayoutDesign $layout, private array $items, private Arrangement $arrangement, private ?int $widest = null)
    {
        $this->list = Css::of('{pane} .zp-s{n}', ['pane' => $pane, 'n' => $number]);
        $this->places = match (true) {
            $layout->kind->isStrip() => new StripCss($this->list, $layout, $arrangement->bands[0]->frame),
            in_array($layout->kind, [LayoutKind::Rows, LayoutKind::Mosaic], true) => new BlocksCss($this->list, $layout, $arrangement->bands[0]->frame),
            $layout->kind === LayoutKind::Masonry => new PlacedCss($this->list),
            default => new GridCss($this->list, $layout),
        };
    }

    public function render(): Css
    {
        $rules = new TileRules($this->list);
        $this->shapes($rules);
        $bands = [];
        foreach ($this->arrangement->bands as $number => $band) {
            if ($this->widest !== null && $band->band->from > $this->widest) {
                break;
            }
            $inside = Css::all($this->places->band($number, $band, $this->items, $rules), $this->cut($band));
            $bands[] = self::inBand($band->band, $inside);
        }

        // The rules of tiles are whole only once every band was written.
        return Css::all($this->places->always(), $rules->css(), ...$bands);
    }

    /** Rules that hold in one band of widths of the gallery. */
    public static function inBand(WidthBand $band, Css $inside): Css
    {
        return $band->from === 0 && $band->until === null
            ? $inside
            : Css::of('@container {condition}{{inside}}', ['condition' => self::condition($band), 'inside' => $inside]);
    }

    private static function condition(WidthBand $band): Css
    {
        return match (true) {
            $band->until === null => Css::of('(width >= {from}px)', ['from' => $band->from]),
            $band->from === 0 => Css::of('(width < {until}px)', ['until' => $band->until]),
            default => Css::of('(width >= {from}px) and (width < {until}px)', ['from' => $band->from, 'until' => $band->until]),
        };
    }

    /** The shape of each tile, its colour while it loads, and where a cropped picture is held. */
    private function shapes(TileRules $rules): void
    {
        $shared = $this->layout->sharedShape()?->ratio;
        $covers = $this->layout->objectFitInForce() === ObjectFit::Cover;
        foreach ($this->items as $i => $item) {
            if ($shared === null) {
                $rules->add($i, Css::of('--r:{r}', ['r' => $item->ratio()->value]));
            } else {
                $at = ObjectPosition::of($item, $shared, $this->layout->objectFitInForce());
                $at === null ?: $rules->add($i, Css::of('--at:{at}', ['at' => $at]));
            }
            if ($covers && $item instanceof ShownPicture && $item->colour !== null) {
                $rules->add($i, Css::of('--c:{colour}', ['colour' => Css::colour($item->colour)]));
            }
        }
    }

    /** Hides what comes after the first rows, until all is asked for. */
    private function cut(BandArrangement $band): Css
    {
        $first = $this->layout->initialView === InitialView::Rows && ! $this->layout->kind->isStrip() ? $band->rowStarts[$this->layout->initialRows] ?? null : null;
        if ($first === null) {
            return Css::none();
        }
        $closed = Css::of('{list}:has(+.zp-all input:not(:checked))', ['list' => $this->list]);

        return Css::of('{closed}>:nth-child(n+{n}){display:none}{list}+.zp-all{display:block}{more}', [
            'closed' => $closed, 'n' => $first + 1, 'list' => $this->list, 'more' => $this->places->cut($closed, $band, $first),
        ]);
    }
}
