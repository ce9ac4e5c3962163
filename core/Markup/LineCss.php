<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Layout\BandArrangement;

/** One line that is scrolled sideways and snaps to its tiles (https://drafts.csswg.org/css-scroll-snap-1/). */
final readonly class LineCss implements PlacesCss
{
    public function __construct(private string $list, private LayoutDesign $layout)
    {
    }

    public function always(): string
    {
        $behind = $this->layout->kind === LayoutKind::Slideshow ? 'always' : 'normal';

        return "{$this->list}{display:flex;overflow-x:auto;overflow-y:hidden;scroll-snap-type:x mandatory;overscroll-behavior-x:contain;scrollbar-width:thin;position:relative}"
            ."{$this->list}>li{flex:none;height:100%;scroll-snap-align:start;scroll-snap-stop:{$behind}}"
            ."{$this->list}>li>:first-child{aspect-ratio:auto;height:100%}";
    }

    public function band(int $number, BandArrangement $band, array $items, TileRules $rules): string
    {
        $height = Css::number($band->height->b);
        $all = $this->layout->kind === LayoutKind::Slideshow ? '100%' : "calc(var(--r)*{$height}px)";
        $css = "{$this->list}{height:{$height}px}{$this->list}>li{width:{$all}}";
        foreach (array_keys($items) as $i) {
            $width = $band->boxes->widths[$i];
            if ($width->a > 0.0 && $this->layout->kind === LayoutKind::Strip) {
                $css .= $rules->selector($i).'{width:'.Css::length($width, '%').'}';
            }
        }

        return $css;
    }

    public function cut(string $closed, BandArrangement $band, int $first): string
    {
        return '';
    }
}
