<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use ZincPane\Core\Markup\Style\Css;

/** The style of the element that holds a gallery in its place. */
final class PaneCss
{
    /** Class of every such element. */
    public const CLASS_NAME = 'zp-pane';

    /**
     * @param  string  $id  of the pane; its class is "zp-at-" and this
     */
    public static function of(string $id, PaneDesign $pane, PageFrame $frame): Css
    {
        $place = Css::of('.{class}', ['class' => Css::identifier("zp-at-{$id}")]);
        $base = Css::of('{place}{clear:both;margin-block:{above}px {below}px}', ['place' => $place, 'above' => $pane->spaceAbove(), 'below' => $pane->spaceBelow()]);

        return Css::all($base, match ($pane->width) {
            PaneWidth::Wide => Css::none(),
            // What stands beyond the window is cut: a scroll bar is not part of what is seen.
            PaneWidth::Edges => Css::of('{place}{margin-inline:calc(50% - 50vw)}body{overflow-x:clip}', ['place' => $place]),
            PaneWidth::Text => Css::of('{place}{max-width:{px}px;{side}}', ['place' => $place, 'px' => $frame->text, 'side' => self::side($pane->side)]),
            PaneWidth::Px => Css::all(
                Css::of('{place}{max-width:{px}px;{side}}', ['place' => $place, 'px' => $pane->px, 'side' => self::side($pane->side)]),
                self::beside($place, $pane, $frame, Css::of('width:{px}px', ['px' => $pane->px])),
            ),
            PaneWidth::Half => self::half($place, $pane, $frame),
        });
    }

    private static function half(Css $place, PaneDesign $pane, PageFrame $frame): Css
    {
        $from = $frame->halvesFrom();
        if ($from === null) {
            return Css::none();
        }
        $width = Css::of('width:calc(50% - {half}px)', ['half' => PaneDesign::BESIDE / 2]);

        return $pane->isBesideText()
            ? self::beside($place, $pane, $frame, $width)
            : Css::of('@media(min-width:{from}px){{place}{{width};{side}}}', ['from' => $from, 'place' => $place, 'width' => $width, 'side' => self::side($pane->side)]);
    }

    private static function beside(Css $place, PaneDesign $pane, PageFrame $frame, Css $width): Css
    {
        $from = $frame->flowsFrom($pane);
        if ($from === null) {
            return Css::none();
        }
        $side = $pane->side === PaneSide::Start
            ? Css::of('float:inline-start;margin-inline:0 {gap}px', ['gap' => PaneDesign::BESIDE])
            : Css::of('float:inline-end;margin-inline:{gap}px 0', ['gap' => PaneDesign::BESIDE]);

        return Css::of('@media(min-width:{from}px){{place}{{width};{side}}{text}}', ['from' => $from, 'place' => $place, 'width' => $width, 'side' => $side, 'text' => self::text($place, $pane->side, $frame)]);
    }

    /**
     * Lines of text are no longer than is good to read, told from where their column begins: beside what floats there
     * they would have what is left of that. They begin beside it instead.
     *
     * @param  Css  $place  selector of what floats
     */
    public static function text(Css $place, PaneSide $side, PageFrame $frame): Css
    {
        return $side === PaneSide::Start && $frame->text < $frame->content ? Css::of('{place}~:is(p,ul,ol,blockquote){display:flow-root}', ['place' => $place]) : Css::none();
    }

    private static function side(PaneSide $side): Css
    {
        return match ($side) {
            PaneSide::Start => Css::of('margin-inline:0 auto'),
            PaneSide::Middle => Css::of('margin-inline:auto'),
            PaneSide::End => Css::of('margin-inline:auto 0'),
        };
    }
}
