<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Style\Css;

/** What stands between a gallery in a shadow root and the page around it. */
final class Shadow
{
    /**
     * Important rules of a shadow root go before important rules of the page, so `all: initial` keeps out whatever the
     * page does to every element; letters and colours are those of the words around it.
     */
    public static function css(): Css
    {
        return Css::all(
            Css::of(':host{all:initial!important;display:block!important;position:relative!important;font-family:inherit!important;color:inherit!important;color-scheme:inherit!important}:host([hidden]){display:none!important}'),
            self::wished(Css::of('.wish')),
        );
    }

    /**
     * @param  Css  $svg  selector of the wish
     */
    public static function wished(Css $svg): Css
    {
        return Css::of('{svg}{display:block;max-width:100%;height:0}', ['svg' => $svg]);
    }

    /**
     * A gallery measures its container and so has no width of its own: in a float, a flex row or a
     * grid cell it would come to nothing. This makes it ask for room as a wide picture does, which
     * takes what there is and forces nothing open.
     */
    public static function wish(): Element
    {
        return Element::of('svg', ['class' => 'wish', 'width' => 2560, 'height' => 0, 'aria-hidden' => 'true']);
    }
}
