<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Finish;

use ZincPane\Core\Finish\Arrival;
use ZincPane\Core\Finish\ArrivalTimes;
use ZincPane\Core\Finish\ArrivalWay;
use ZincPane\Core\Markup\Style\Css;

/**
 * How tiles come into view. Each time: by the scrolling itself (https://drafts.csswg.org/scroll-animations-1/).
 * Once: a small script marks what waits below the window, so that nothing is hidden where it does not run.
 */
final readonly class ArrivalCss
{
    /** Tiles that come one after another, before the next begin anew with the scrolling. */
    private const RUN = 6;

    /**
     * @param  Css  $name  of the gallery, as part of names of keyframes
     */
    public function __construct(private Css $pane, private Css $name, private Arrival $arrival)
    {
    }

    public function render(): Css
    {
        if ($this->arrival->way === ArrivalWay::None) {
            return Css::none();
        }
        $away = $this->away();
        $values = ['s' => $this->pane, 'name' => $this->name, 'away' => $away, 'ms' => $this->arrival->duration, 'step' => $this->arrival->step];

        return Css::of(
            '@keyframes zp-in-{name}{from{{away}}}@media screen and (prefers-reduced-motion:no-preference){{by}'
            // What waits is not to be reached for before it has come; the script takes the mark away.
            .'{s} li.zp-waits{{away}}{s} li.zp-comes{animation:zp-in-{name} {ms}ms cubic-bezier(.2,.7,.3,1) calc(var(--zp-i,0)*{step}ms) backwards}}',
            [...$values, 'by' => $this->arrival->times === ArrivalTimes::Each ? $this->byScrolling() : Css::none()],
        );
    }

    private function byScrolling(): Css
    {
        $later = [];
        // Ten ms of the one course are about one per cent of the other.
        for ($i = 1; $i < self::RUN && $this->arrival->step > 0; $i++) {
            $start = round(min(60, $i * $this->arrival->step / 10));
            $later[] = Css::of('{s} .zp-tiles>li:nth-child({run}n+{n}){animation-range:entry {start}% entry {end}%}', [
                's' => $this->pane, 'run' => self::RUN, 'n' => $i + 1, 'start' => $start, 'end' => $start + 100,
            ]);
        }

        return Css::of('@supports (animation-timeline:view()){{s} .zp-tiles>li{animation:zp-in-{name} ease-out both;animation-timeline:view();animation-range:entry 0% entry 100%}{later}}', ['s' => $this->pane, 'name' => $this->name, 'later' => Css::all(...$later)]);
    }

    private function away(): Css
    {
        $px = ['n' => $this->arrival->distance];

        return match ($this->arrival->way) {
            ArrivalWay::None, ArrivalWay::Fade => Css::of('opacity:0'),
            ArrivalWay::Rise => Css::of('opacity:0;translate:0 {n}px', $px),
            ArrivalWay::Grow => Css::of('opacity:0;scale:.86'),
            ArrivalWay::Side => Css::of('opacity:0;translate:{n}px 0', $px),
            ArrivalWay::Unblur => Css::of('opacity:.2;filter:blur(12px)'),
        };
    }
}
