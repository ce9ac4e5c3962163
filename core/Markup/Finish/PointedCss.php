<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Finish;

use ZincPane\Core\Finish\Easing;
use ZincPane\Core\Finish\Pointed;
use ZincPane\Core\Finish\Sign;
use ZincPane\Core\Markup\Style\Css;

/**
 * What tiles do when they are pointed at or focused. Where nothing can point they show the end of it, without
 * size and place; for those who want less motion, it comes at once. Only transform, opacity and filter move.
 */
final readonly class PointedCss
{
    /** A tile at rest, and one that is pointed at; the class is the studio's, which shows effects by themselves. */
    private const REST = 'li:not(:hover,:focus-within,.zp-pointed)';

    private const POINTED = 'li:is(:hover,:focus-within,.zp-pointed)';

    public function __construct(private Css $pane, private Pointed $pointed)
    {
    }

    public function render(): Css
    {
        $picture = $this->picture();
        $moves = Css::all($this->moved(), $this->tint(), $this->sign());
        if ($picture->isEmpty() && $moves->isEmpty()) {
            return Css::none();
        }

        return Css::all(
            Css::of('{s} li>a{position:relative;overflow:clip}', ['s' => $this->pane]),
            // What shows through is the ground of the tile, not the colour that stands in for a picture.
            $this->pointed->isThin() ? Css::of('{s} li>a{background:none!important}', ['s' => $this->pane]) : Css::none(),
            $picture, $moves, $this->transition(),
        );
    }

    public static function easing(Easing $easing): Css
    {
        return match ($easing) {
            Easing::Ease => Css::of('ease'),
            Easing::Out => Css::of('ease-out'),
            Easing::InOut => Css::of('ease-in-out'),
            Easing::Linear => Css::of('linear'),
        };
    }

    private function picture(): Css
    {
        $p = $this->pointed;
        $rest = self::seen($p->restOpacity, $p->restGrey, $p->restBrightness, $p->restBlur);
        $pointed = self::seen($p->opacity, $p->grey, $p->brightness, $p->blur);
        if ((string) $rest === (string) $pointed) {
            return $p->restOpacity === 100 && (string) $rest === 'opacity:1;filter:none' ? Css::none() : Css::of('@media not print{{s} li img{{seen}}}', ['s' => $this->pane, 'seen' => $rest]);
        }

        return Css::of('@media not print{{s} li img{{pointed}}}@media screen and (hover:hover){{s} {at} img{{rest}}}', ['s' => $this->pane, 'at' => Css::of(self::REST), 'pointed' => $pointed, 'rest' => $rest]);
    }

    private static function seen(int $opacity, int $grey, int $brightness, int $blur): Css
    {
        $filters = [
            $grey > 0 ? Css::of(' grayscale({v}%)', ['v' => $grey]) : Css::none(),
            $brightness !== 100 ? Css::of(' brightness({v}%)', ['v' => $brightness]) : Css::none(),
            $blur > 0 ? Css::of(' blur({v}px)', ['v' => $blur]) : Css::none(),
        ];
        $filter = Css::all(...$filters);

        return Css::of('opacity:{opacity};filter:{filter}', ['opacity' => $opacity / 100, 'filter' => $filter->isEmpty() ? Css::of('none') : Css::of('{f}', ['f' => $filter])]);
    }

    private function moved(): Css
    {
        $p = $this->pointed;

        return Css::all(
            $p->scale === 100 ? Css::none() : $this->whenPointed(Css::of(' img{scale:{n}}', ['n' => $p->scale / 100])),
            $p->lift === 0 ? Css::none() : $this->whenPointed(Css::of('{translate:0 -{n}px}', ['n' => $p->lift])),
        );
    }

    /**
     * @param  Css  $rest  of the selector, and the declarations
     */
    private function whenPointed(Css $rest): Css
    {
        return Css::of('@media screen and (hover:hover){{s} {at}{rest}}', ['s' => $this->pane, 'at' => Css::of(self::POINTED), 'rest' => $rest]);
    }

    private function tint(): Css
    {
        if ($this->pointed->tintOpacity === 0) {
            return Css::none();
        }

        return Css::of(
            "@media screen and (hover:hover){{s} li>a::after{content:'';position:absolute;inset:0;background:{tint}}{s} {rest}>a::after{opacity:0}}",
            ['s' => $this->pane, 'rest' => Css::of(self::REST), 'tint' => Css::tone($this->pointed->tint, $this->pointed->tintOpacity)],
        );
    }

    private function sign(): Css
    {
        if ($this->pointed->sign === Sign::None) {
            return Css::none();
        }

        return Css::of(
            "{s} li>a::before{content:'';position:absolute;inset-block-start:10px;inset-inline-end:10px;z-index:1;width:36px;height:36px;border-radius:50%;background:{drawn},rgb(16 20 23/.72)}"
            .'@media screen and (hover:hover){{s} {rest}>a::before{opacity:0}}',
            ['s' => $this->pane, 'rest' => Css::of(self::REST), 'drawn' => $this->drawn()],
        );
    }

    private function drawn(): Css
    {
        return match ($this->pointed->sign) {
            Sign::Plus, Sign::None => Css::of('linear-gradient(#fff,#fff) 50%/16px 2px no-repeat,linear-gradient(#fff,#fff) 50%/2px 16px no-repeat'),
            Sign::Corners => Css::of(
                'linear-gradient(#fff,#fff) 11px 11px/6px 2px no-repeat,linear-gradient(#fff,#fff) 11px 11px/2px 6px no-repeat,'
                .'linear-gradient(#fff,#fff) 19px 23px/6px 2px no-repeat,linear-gradient(#fff,#fff) 23px 19px/2px 6px no-repeat,'
                .'linear-gradient(#fff,#fff) 19px 11px/6px 2px no-repeat,linear-gradient(#fff,#fff) 23px 11px/2px 6px no-repeat,'
                .'linear-gradient(#fff,#fff) 11px 23px/6px 2px no-repeat,linear-gradient(#fff,#fff) 11px 19px/2px 6px no-repeat',
            ),
            Sign::Lens => Css::of('radial-gradient(circle at 16px 16px,transparent 5px,#fff 5.5px 7px,transparent 7.5px),linear-gradient(45deg,transparent 46%,#fff 46% 54%,transparent 54%) 21px 21px/7px 7px no-repeat'),
        };
    }

    private function transition(): Css
    {
        $p = $this->pointed;

        return Css::of(
            '@media (prefers-reduced-motion:no-preference){{s} li{transition:translate {t}}{s} li img{transition:opacity {t},filter {t},scale {t}}{s} li>a::before,{s} li>a::after{transition:opacity {t}}}',
            ['s' => $this->pane, 't' => Css::of('{ms}ms {easing} {delay}ms', ['ms' => $p->duration, 'easing' => self::easing($p->easing), 'delay' => $p->delay])],
        );
    }
}
