<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\TileFrame;
use ZincPane\Core\Markup\Style\Css;

/** One strip that is scrolled sideways and snaps to its tiles (https://drafts.csswg.org/css-scroll-snap-1/). */
final readonly class StripCss implements PlacesCss
{
    /**
     * @param  Css  $list  selector of the list of tiles
     */
    public function __construct(private Css $list, private LayoutDesign $layout, private TileFrame $frame)
    {
    }

    public function always(): Css
    {
        return Css::of(
            '{list}{display:flex;overflow-x:auto;overflow-y:hidden;scroll-snap-type:x mandatory;overscroll-behavior-x:contain;scrollbar-width:thin;position:relative}'
            .'{list}>li{flex:none;height:100%;scroll-snap-align:start;scroll-snap-stop:{stop}}'
            .'{list}>li>:first-child{aspect-ratio:auto;height:{height}}'
            // On paper nothing can be scrolled to.
            .'@media print{{list}{flex-wrap:wrap;overflow:visible;height:auto!important}{list}>li{width:auto!important;height:160px;aspect-ratio:var(--r,3/2);max-width:100%;break-inside:avoid}}',
            ['list' => $this->list, 'height' => $this->frame->below > 0.0 ? Css::of('calc(100% - {below}px)', ['below' => $this->frame->below]) : Css::of('100%'), 'stop' => Css::of($this->layout->kind === LayoutKind::Slideshow ? 'always' : 'normal')],
        );
    }

    public function band(int $number, BandArrangement $band, array $items, TileRules $rules): Css
    {
        $frame = $band->frame;
        $height = $band->height->at(0);
        $isSlideshow = $this->layout->kind === LayoutKind::Slideshow;
        $natural = $frame->across() > 0.0
            ? Css::of('calc(var(--r)*{height}px + {across}px)', ['height' => max(1.0, $height - $frame->down()), 'across' => $frame->across()])
            : Css::of('calc(var(--r)*{height}px)', ['height' => max(1.0, $height - $frame->down())]);
        $css = [Css::of('{list}{height:{height}px}{list}>li{width:{width}}', [
            'list' => $this->list, 'height' => $height, 'width' => $isSlideshow ? Css::of('100%') : $natural,
        ])];
        foreach (array_keys($items) as $i) {
            $width = $band->boxes->widths[$i];
            if ($width->a > 0.0 && ! $isSlideshow) {
                $css[] = Css::of('{tile}{width:{width}}', ['tile' => $rules->selector($i), 'width' => Css::length($width, '%')]);
            }
        }

        return Css::all(...$css);
    }

    public function cut(Css $closed, BandArrangement $band, int $first): Css
    {
        return Css::none();
    }
}
