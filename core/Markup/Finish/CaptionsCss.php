<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Finish;

use ZincPane\Core\Finish\CaptionAt;
use ZincPane\Core\Finish\CaptionPlace;
use ZincPane\Core\Finish\Captions;
use ZincPane\Core\Finish\CaptionWay;
use ZincPane\Core\Finish\Edges;
use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Finish\TextAlign;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Markup\Style\Css;

/** The words of each tile, under its picture or over it. */
final readonly class CaptionsCss
{
    private Captions $captions;

    public function __construct(private Css $pane, private FinishDesign $finish)
    {
        $this->captions = $finish->captions;
    }

    public function render(): Css
    {
        if ($this->captions->place === CaptionPlace::None) {
            return Css::none();
        }
        $letters = Css::of(
            '{s} .zp-said{display:-webkit-box;-webkit-box-orient:vertical;-webkit-line-clamp:{lines};overflow:hidden;overflow-wrap:anywhere;text-align:{align}{font};font-size:{size}px;font-weight:{weight};line-height:{line}px;{fall}}'
            .'{s} .zp-said b{font-weight:{bold}}',
            [
                's' => $this->pane, 'lines' => $this->captions->lines, 'align' => $this->align(), 'font' => FontCss::family($this->finish->lettering->font),
                'size' => $this->finish->lettering->size, 'weight' => $this->finish->lettering->weight, 'line' => $this->finish->lettering->line(),
                'bold' => min(900, $this->finish->lettering->weight + 200), 'fall' => Css::of('letter-spacing:normal;text-transform:none;text-shadow:none'),
            ],
        );

        return Css::all($letters, $this->captions->areOver() ? $this->over() : $this->below());
    }

    /** Captions take their lines whether they fill them or not; what is longer is whole in the viewer. */
    private function below(): Css
    {
        $until = Arranger::bareUntil($this->finish);

        return Css::of('{s} .zp-caption{height:{height}px;margin:{above}px 0 0;padding:0;overflow:hidden{colour}}{hidden}', [
            's' => $this->pane, 'height' => $this->captions->lines * $this->finish->lettering->line(), 'above' => Captions::ABOVE,
            'colour' => $this->captions->colour === null ? Css::none() : Css::of(';color:{c}', ['c' => Css::colour($this->captions->colour)]),
            'hidden' => $until === 0 ? Css::none() : Css::of('@container (width < {n}px){{s} .zp-caption{display:none}}', ['n' => $until, 's' => $this->pane]),
        ]);
    }

    private function over(): Css
    {
        $values = [
            's' => $this->pane, 'mount' => $this->finish->edges->mount, 'place' => $this->place(),
            'across' => Captions::PAD_ACROSS, 'down' => Captions::PAD_DOWN,
            'colour' => Css::colour($this->captions->lettersOver()), 'ground' => $this->ground(), 'corners' => $this->corners(),
        ];

        return Css::all(
            Css::of('{s} .zp-over{position:absolute;inset-inline:{mount}px;{place};box-sizing:border-box;max-height:calc(100% - 2*{mount}px);margin:0;padding:{down}px {across}px;overflow:hidden;color:{colour};background:{ground}{corners};pointer-events:none}', $values),
            $this->captions->place === CaptionPlace::Pointed ? $this->pointed() : Css::none(),
            $this->captions->hiddenBelow === 0 ? Css::none() : Css::of('@media (width < {n}px){{s} .zp-over{display:none}}', ['n' => $this->captions->hiddenBelow, 's' => $this->pane]),
        );
    }

    /** Seen while its tile is pointed at or focused; always where nothing can point, and on paper. */
    private function pointed(): Css
    {
        $pointed = $this->finish->pointed;

        return Css::of(
            '@media screen and (hover:hover){{s} li:not(:hover,:focus-within,.zp-pointed)>.zp-over{opacity:0;{away}}}'
            .'@media (prefers-reduced-motion:no-preference){{s} .zp-over{transition:opacity {ms}ms {easing} {delay}ms,translate {ms}ms {easing} {delay}ms}}',
            [
                's' => $this->pane, 'ms' => $pointed->duration, 'delay' => $pointed->delay, 'easing' => PointedCss::easing($pointed->easing),
                'away' => match ($pointed->way) {
                    CaptionWay::Fade => Css::of('translate:none'),
                    CaptionWay::Rise => Css::of('translate:0 14px'),
                    CaptionWay::Side => Css::of('translate:-18px 0'),
                },
            ],
        );
    }

    private function isDisc(): bool
    {
        return $this->finish->edges->corners === Edges::ROUND;
    }

    private function place(): Css
    {
        $mount = $this->finish->edges->mount;
        if ($this->isDisc()) {
            // Nothing else fits into a disc: its words stand in the middle of it.
            return Css::of('inset-block:{m}px;display:grid;align-content:center', ['m' => $mount]);
        }

        return match ($this->captions->at) {
            CaptionAt::Top => Css::of('inset-block:{m}px auto', ['m' => $mount]),
            CaptionAt::Bottom => Css::of('inset-block:auto {m}px', ['m' => $mount]),
            CaptionAt::Middle => Css::of('inset-block:{m}px;height:fit-content;margin-block:auto!important', ['m' => $mount]),
        };
    }

    private function ground(): Css
    {
        $solid = Css::tone($this->captions->ground, $this->captions->opacity);
        if (! $this->captions->fades || $this->isDisc() || $this->captions->at === CaptionAt::Middle) {
            return $solid;
        }

        return Css::of('linear-gradient(to {end},{solid} 60%,{thin})', [
            'end' => Css::of($this->captions->at === CaptionAt::Top ? 'bottom' : 'top'), 'solid' => $solid, 'thin' => Css::tone($this->captions->ground, 0),
        ]);
    }

    private function corners(): Css
    {
        if ($this->isDisc()) {
            return Css::of(';border-radius:50%;padding-inline:14%;text-align:center');
        }
        $inner = EdgesCss::innerCorners($this->finish->edges);
        $line = $inner === 0 ? null : match ($this->captions->at) {
            CaptionAt::Top => Css::of('{r}px {r}px 0 0', ['r' => $inner]),
            CaptionAt::Bottom => Css::of('0 0 {r}px {r}px', ['r' => $inner]),
            CaptionAt::Middle => null,
        };

        return $line === null ? Css::none() : Css::of(';border-radius:{line}', ['line' => $line]);
    }

    private function align(): Css
    {
        return match ($this->isDisc() && $this->captions->areOver() ? TextAlign::Center : $this->captions->align) {
            TextAlign::Start => Css::of('start'),
            TextAlign::Center => Css::of('center'),
            TextAlign::End => Css::of('end'),
        };
    }
}
