<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\InitialView;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Markup\Finish\EdgesCss;
use ZincPane\Core\Markup\Style\Css;

/** What all tiles of a gallery have in common, wherever they stand. */
final readonly class FrameCss
{
    private const PLAIN = 'margin:0;padding:0;border:0;float:none;min-width:0;max-width:none;max-height:none';

    /**
     * @param  Css  $pane  selector of the gallery
     */
    public function __construct(private Css $pane, private LayoutDesign $layout, private FinishDesign $finish)
    {
    }

    /**
     * @param  list<Shown>  $items
     * @param  int  $sections  how many there are
     */
    public function render(About $about, array $items, int $sections): Css
    {
        $has = static fn (callable $is): bool => array_filter($items, $is) !== [];

        return Css::all(
            $this->pane(),
            $this->tiles(),
            $this->words($about, $sections),
            $has(static fn (Shown $item): bool => $item instanceof ShownText) ? $this->texts() : Css::none(),
            $has(static fn (Shown $item): bool => $item instanceof ShownPicture && $item->video !== null) ? $this->videos() : Css::none(),
        );
    }

    /**
     * What of it holds where no tile is yet.
     *
     * @param  int  $sections  how many there are
     */
    public function empty(About $about, int $sections): Css
    {
        return Css::all($this->pane(), $this->words($about, $sections));
    }

    private function words(About $about, int $sections): Css
    {
        return Css::all(
            $about->showsTitle ? $this->own('{s} .zp-title{margin:0 0 .4em}') : Css::none(),
            $about->showsDescription ? $this->own('{s} .zp-about{margin:0 0 1em;white-space:pre-line}') : Css::none(),
            $this->layout->initialView === InitialView::Rows ? $this->more() : Css::none(),
            $sections > 1 ? $this->own('{s} .zp-album+.zp-album,{s} .zp-tiles+.zp-album{margin-top:28px}{s} .zp-name{margin:0 0 .5em}') : Css::none(),
        );
    }

    private function pane(): Css
    {
        // The least width lets it stand below a float that leaves it too little room.
        return $this->own('{s}{display:block;container-type:inline-size;'.self::PLAIN.';min-width:min(100%,240px)}');
    }

    /**
     * @param  literal-string  $template  with {s} for the selector of the gallery
     * @param  array<string, Css|int|float>  $values
     */
    private function own(string $template, array $values = []): Css
    {
        return Css::of($template, ['s' => $this->pane, ...$values]);
    }

    private function tiles(): Css
    {
        $shared = $this->layout->sharedShape()?->ratio;
        $covers = $this->layout->objectFitInForce() === ObjectFit::Cover;

        return $this->own(
            // A page may have variables of the same names; what a tile says of itself comes after it.
            '{s}{--r:initial;--h:initial;--c:initial;--at:initial;--o:initial;--p:initial;--s:initial;--m:initial;--f:initial;--k:initial;--y:initial;--l:initial}'
            .'{s} .zp-tiles{display:grid;gap:{gap}px;align-items:start;list-style:none;width:auto;'.self::PLAIN.'}'
            .'{s} li{display:block;position:relative;'.self::PLAIN.'{framed}}'
            .'{s} li::before{content:none}'
            .'{s} li>:first-child{aspect-ratio:var(--r{shared});height:var(--h,auto)'
            // A picture's own colour while it loads, where it covers all of it once it has: nothing is left beside or behind a picture.
            .($covers ? ';background:var(--c,transparent)}' : '}')
            .'{s} li>a,{s} li picture{display:block;width:100%;'.self::PLAIN.';text-decoration:none}'
            .'{s} li picture{height:100%}'
            .'{s} li a:focus-visible{outline:3px solid Highlight;outline-offset:2px}'
            .'{s} li img{display:block;width:100%;height:100%;object-fit:{fit};object-position:var(--at,50% 50%);'.self::PLAIN.';border-radius:0}',
            [
                'gap' => $this->layout->gap,
                'framed' => (new EdgesCss($this->pane, $this->finish))->framed(),
                'shared' => $shared === null ? Css::none() : Css::of(',{r}', ['r' => Css::number($shared->value, 5)]),
                'fit' => Css::of($covers ? 'cover' : 'contain'),
            ],
        );
    }

    private function more(): Css
    {
        return $this->own(
            '{s} .zp-all{display:none;position:relative;width:fit-content;margin:20px auto 0;padding:0}'
            .'{s} .zp-all summary{display:block;list-style:none;padding:10px 22px;border:2px solid currentColor;font-weight:600;cursor:pointer}'
            .'{s} .zp-all summary::-webkit-details-marker{display:none}'
            .'{s} .zp-all[open] .zp-open,{s} .zp-all:not([open]) .zp-close{display:none}'
            .'{s} .zp-all summary:focus-visible{outline:3px solid Highlight;outline-offset:2px}'
            .'@media print{{s} .zp-all{display:none!important}}',
        );
    }

    private function texts(): Css
    {
        return $this->own(
            '{s} .zp-text{position:relative;overflow:hidden;background:color-mix(in srgb,currentColor 8%,transparent)}'
            .'{s} .zp-words{padding:14px 16px 48px;overflow:hidden;font-size:max(14px,min(4cqw,17px));line-height:1.45;box-sizing:border-box}'
            .'{s} .zp-words>*{margin:0 0 .6em}'
            // The lead to the whole text lies over the whole tile, under the links that are in it.
            .'{s} .zp-text .zp-more{position:absolute;inset:auto 0 0;height:auto;padding:10px 16px;background:Canvas;color:CanvasText;font-size:14px;text-decoration:underline}'
            ."{s} .zp-text .zp-more::before{content:'';position:absolute;inset:-999px 0 0}"
            .'{s} .zp-words a{position:relative;z-index:1}',
        );
    }

    private function videos(): Css
    {
        return $this->own(
            '{s} li>a{position:relative}'
            .'{s} .zp-play{position:absolute;inset:0;margin:auto;width:56px;height:56px;border-radius:50%;background:rgb(16 20 23/.72)}'
            ."{s} .zp-play::before{content:'';position:absolute;inset:0;margin:auto;width:20px;height:24px;translate:3px;background:#fff;clip-path:polygon(0 0,100% 50%,0 100%)}",
        );
    }
}
