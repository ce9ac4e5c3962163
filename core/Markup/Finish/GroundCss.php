<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Finish;

use ZincPane\Core\Finish\Ground;
use ZincPane\Core\Finish\GroundFit;
use ZincPane\Core\Markup\Style\Css;

/** What the gallery as a whole stands on. */
final readonly class GroundCss
{
    /**
     * @param  ?string  $picture  address of the picture on the ground
     */
    public function __construct(private Css $pane, private Ground $ground, private ?string $picture)
    {
    }

    public function render(): Css
    {
        $ground = $this->ground;
        $said = array_filter([
            $ground->colour === null ? Css::none() : Css::of('background:{c};', ['c' => Css::tone($ground->colour, $ground->opacity)]),
            $ground->padding === 0 ? Css::none() : Css::of('padding:min({n}px,{vw}vw);', ['n' => $ground->padding, 'vw' => Ground::PADDING]),
            $ground->margin === 0 ? Css::none() : Css::of('margin:{n}px min({n}px,{vw}vw);', ['n' => $ground->margin, 'vw' => Ground::MARGIN]),
            $ground->lineWidth() === 0 ? Css::none() : Css::of('border:{n}px {style} {c};', ['n' => $ground->lineWidth(), 'style' => EdgesCss::style($ground->line), 'c' => Css::colour($ground->lineColour)]),
            $ground->corners === 0 ? Css::none() : Css::of('border-radius:{n}px;', ['n' => $ground->corners]),
        ], static fn (Css $one): bool => ! $one->isEmpty());

        // Twice its own class: a page gives all galleries margins of its own.
        return Css::all($said === [] ? Css::none() : Css::of('{s}{s}{box-sizing:border-box;{said}}', ['s' => $this->pane, 'said' => Css::all(...$said)]), $this->picture());
    }

    private function picture(): Css
    {
        if ($this->picture === null) {
            return Css::none();
        }

        return Css::of(
            "{s}{position:relative;isolation:isolate}{s}::before{content:'';position:absolute;inset:0;z-index:-1;border-radius:inherit;background:{url} {fit};opacity:{opacity}}",
            [
                's' => $this->pane, 'url' => Css::url($this->picture), 'opacity' => $this->ground->pictureOpacity / 100,
                'fit' => Css::of($this->ground->fit === GroundFit::Cover ? '50%/cover no-repeat' : '0 0/360px'),
            ],
        );
    }
}
