<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Viewer\HintPlace;

/** How it is said what a click does. */
final class HintCss
{
    /**
     * @param  Css  $pane  selector of the gallery
     * @param  string  $says  the words, in the page's language or the person's own
     */
    public static function of(Css $pane, HintPlace $place, string $says): Css
    {
        return $place !== HintPlace::Pointed
            ? Css::of('{s} .zp-hint{margin:{margin};font-size:.9em;opacity:.85}@media print{{s} .zp-hint{display:none}}', ['s' => $pane, 'margin' => Css::of($place === HintPlace::Above ? '0 0 .8em' : '.8em 0 0')])
            : Css::of(
                '{s} li:is(:hover,:focus-within)::after{content:{says};position:absolute;z-index:2;inset-block-start:8px;inset-inline-start:8px;max-width:calc(100% - 16px);box-sizing:border-box;'
                .'padding:4px 9px;background:rgb(16 20 23/.82);color:#fff;font:13px/1.3 system-ui,sans-serif;pointer-events:none}'
                .'{s} li:not(:has(a[href]))::after{content:none}',
                ['s' => $pane, 'says' => Css::quoted($says)],
            );
    }
}
