<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Design\InitialView;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\WidthBand;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Markup\PlacedCss;
use ZincPane\Core\Markup\SectionCss;
use ZincPane\Core\Markup\Style\Css;

/** How high the list of tiles of a section is at every width. */
final readonly class SectionHeights
{
    /** Digits kept of a height: exact to a tenth of a px at any width in use. */
    private const DECIMALS = 2;

    /**
     * @param  int  $more  px of what opens the rest, where it is to be reckoned with
     */
    public function __construct(private Section $section, private LayoutDesign $layout, private int $more = 0)
    {
    }

    /**
     * A rule for each band of widths; one for all next to each other that are equally high.
     *
     * @param  Css  $selector  of what stands in a container as wide as the gallery
     * @param  Css  $property  that the height is said by
     */
    public function css(Css $selector, Css $property): Css
    {
        $rules = [];
        $bands = $this->section->arrangement->bands;
        $from = 0;
        foreach ($bands as $n => $band) {
            $height = $this->height($band);
            if (isset($bands[$n + 1]) && (string) $this->height($bands[$n + 1]) === (string) $height) {
                continue;
            }
            $rules[] = SectionCss::inBand(new WidthBand($from, $band->band->until), Css::of('{selector}{{property}:{height}}', ['selector' => $selector, 'property' => $property, 'height' => $height]));
            $from = (int) $band->band->until;
        }

        return Css::all(...$rules);
    }

    private function height(BandArrangement $band): Css
    {
        $height = $this->layout->kind->isStrip() ? Css::longest($band->height, 'cqw', self::DECIMALS) : PlacedCss::height($band, $this->shown($band), self::DECIMALS);

        return $this->more > 0 && $this->cuts($band) ? Css::of('calc({height} + {more}px)', ['height' => $height, 'more' => $this->more]) : $height;
    }

    /**
     * @param  float  $width  px of the gallery inside
     * @return float px
     */
    public function at(float $width): float
    {
        $band = $this->section->arrangement->at($width);
        if ($this->layout->kind->isStrip()) {
            return $band->height->at($width);
        }
        $height = 0.0;
        for ($i = 0; $i < $this->shown($band); $i++) {
            $height = max($height, $band->boxes->tops[$i]->plus($band->boxes->heights[$i])->at($width));
        }

        return $height + ($this->cuts($band) ? $this->more : 0);
    }

    /** How many tiles are seen before more is asked for. */
    private function shown(BandArrangement $band): int
    {
        return $this->cuts($band) ? $band->rowStarts[$this->layout->initialRows] : count($band->boxes);
    }

    private function cuts(BandArrangement $band): bool
    {
        return $this->layout->initialView === InitialView::Rows && ! $this->layout->kind->isStrip() && isset($band->rowStarts[$this->layout->initialRows]);
    }

    /**
     * Shows what opens the rest, in bands where there is one.
     *
     * @param  Css  $list  selector of what stands before it
     */
    public function opener(Css $list): Css
    {
        $rules = [];
        foreach ($this->section->arrangement->bands as $band) {
            $this->cuts($band) ? $rules[] = SectionCss::inBand($band->band, Css::of('{list}+.zp-all{display:block}', ['list' => $list])) : null;
        }

        return $rules === [] ? Css::none() : Css::of('@media screen{{rules}}', ['rules' => Css::all(...$rules)]);
    }
}
