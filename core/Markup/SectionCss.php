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
use ZincPane\Core\Layout\TileFrame;
use ZincPane\Core\Markup\Style\Css;

/** Lays the tiles of one section out, by container queries: one for each band of widths. */
final readonly class SectionCss
{
    private Css $list;

    /**
     * @param  Css  $pane  selector of the gallery
     * @param  int  $number  of the section in its gallery
     * @param  list<Shown>  $items  of the section
     * @param  ?int  $widest  px of the inner width; bands that only come beyond it are left out
     */
    public function __construct(Css $pane, int $number, private LayoutDesign $layout, private array $items, private Arrangement $arrangement, private ?int $widest = null)
    {
        $this->list = Css::of('{pane} .zp-s{n}', ['pane' => $pane, 'n' => $number]);
    }

    public function render(): Css
    {
        $rules = new TileRules($this->list);
        $this->shapes($rules);
        $always = $bands = [];
        $framed = $this->framed();
        foreach ($framed as $n => $alike) {
            $places = $this->places($alike[0]->frame);
            $next = $framed[$n + 1] ?? null;
            $always[] = self::inBand(new WidthBand($alike[0]->band->from, $next === null ? null : $next[0]->band->from), $places->always());
            foreach ($alike as $band) {
                $bands[] = self::inBand($band->band, Css::all($places->band(count($bands), $band, $this->items, $rules), $this->cut($places, $band)));
            }
        }

        // The rules of tiles are whole only once every band was written.
        return Css::all(...[...$always, $rules->css(), ...$bands]);
    }

    /**
     * The bands that are shown, those with the same frame around each tile together.
     *
     * @return list<non-empty-list<BandArrangement>>
     */
    private function framed(): array
    {
        $framed = [];
        $before = null;
        foreach ($this->arrangement->bands as $band) {
            if ($this->widest !== null && $band->band->from > $this->widest) {
                break;
            }
            if ($before?->isLike($band->frame) === true) {
                $framed[count($framed) - 1][] = $band;
            } else {
                $framed[] = [$band];
            }
            $before = $band->frame;
        }

        return $framed;
    }

    private function places(TileFrame $frame): PlacesCss
    {
        return match (true) {
            $this->layout->kind->isStrip() => new StripCss($this->list, $this->layout, $frame),
            in_array($this->layout->kind, [LayoutKind::Rows, LayoutKind::Mosaic], true) => new BlocksCss($this->list, $this->layout, $frame),
            $this->layout->kind === LayoutKind::Masonry => new PlacedCss($this->list),
            default => new GridCss($this->list, $this->layout),
        };
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
                if ($at !== null) {
                    $rules->add($i, Css::of('--at:{at}', ['at' => $at]));
                }
            }
            if ($covers && $item instanceof ShownPicture && $item->colour !== null) {
                $rules->add($i, Css::of('--c:{colour}', ['colour' => Css::colour($item->colour)]));
            }
        }
    }

    /** Hides what comes after the first rows, until all is asked for. */
    private function cut(PlacesCss $places, BandArrangement $band): Css
    {
        $first = $this->layout->initialView === InitialView::Rows && ! $this->layout->kind->isStrip() ? $band->rowStarts[$this->layout->initialRows] ?? null : null;
        if ($first === null) {
            return Css::none();
        }
        $closed = Css::of('{list}:has(+.zp-all:not([open]))', ['list' => $this->list]);

        return Css::of('@media screen{{closed}>:nth-child(n+{n}){display:none}{list}+.zp-all{display:block}{more}}', [
            'closed' => $closed, 'n' => $first + 1, 'list' => $this->list, 'more' => $places->cut($closed, $band, $first),
        ]);
    }
}
