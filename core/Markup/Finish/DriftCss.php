<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Finish;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Finish\Drift;
use ZincPane\Core\Finish\DriftWay;
use ZincPane\Core\Finish\Lanes;
use ZincPane\Core\Geometry\WidthBand;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\DriftLanes;
use ZincPane\Core\Markup\SectionCss;
use ZincPane\Core\Markup\Style\Css;

/**
 * Lanes that move as the page is scrolled, by the scrolling itself (https://drafts.csswg.org/scroll-animations-1/):
 * the gallery stands in a frame of its own height, behind which it goes past. A browser that cannot, one who wants
 * less motion, and paper get the whole gallery as it is.
 */
final readonly class DriftCss
{
    /** Hundredths of the width by which a row moves to each side at full strength. */
    private const SIDEWAYS = 9.0;

    /** px of the inner width of nearly all phones, or more. */
    private const PHONES = 320;

    /** Where it is to move, and can. */
    private const MOVING = '@media screen and (prefers-reduced-motion:no-preference){@supports (animation-timeline:view()){{inside}}}';

    private Lanes $lanes;

    /**
     * @param  Css  $frame  selector of the frame around the list
     * @param  Css  $list  selector of the list of tiles
     * @param  Css  $name  of the list, as part of names of keyframes and timelines
     */
    public function __construct(private Css $frame, private Css $list, private Css $name, private Drift $drift, private LayoutDesign $layout, private Arrangement $arrangement)
    {
        $this->lanes = DriftLanes::inForce($layout->kind, $drift->lanes);
    }

    public function render(): Css
    {
        if ($this->lanes === Lanes::None) {
            return Css::none();
        }
        $bands = [];
        foreach ($this->arrangement->bands as $band) {
            foreach ($this->parts($band->band) as $part) {
                $bands[] = SectionCss::inBand($part, $this->band($band, $part));
            }
        }

        return Css::all(
            Css::of('@keyframes zp-d-{name}{{moves}}', ['name' => $this->name, 'moves' => $this->moves()]),
            Css::of(self::MOVING, ['inside' => Css::all($this->frame(), ...$bands)]),
        );
    }

    /** How high the frame is where there is nothing in it yet. */
    public function room(): Css
    {
        if ($this->lanes === Lanes::None) {
            return Css::none();
        }
        $bands = [];
        foreach ($this->arrangement->bands as $band) {
            foreach ($this->parts($band->band) as $part) {
                $bands[] = SectionCss::inBand($part, Css::of('{frame}{height:{height}}', ['frame' => $this->frame, 'height' => $this->frameHeight($band, $part)]));
            }
        }

        return Css::of(self::MOVING, ['inside' => Css::all(...$bands)]);
    }

    /** From one end to the other: by --y down, by --x sideways, the lanes of the other direction the other way round. */
    private function moves(): Css
    {
        return match ($this->lanes) {
            Lanes::Across => Css::of('from{transform:translate(calc(var(--l,1)*var(--x)),var(--y))}to{transform:translate(calc(var(--l,1)*-1*var(--x)),calc(-1*var(--y)))}'),
            default => Css::of('from{transform:translateY(calc(var(--l,1)*var(--y)))}to{transform:translateY(calc(var(--l,1)*-1*var(--y)))}'),
        };
    }

    private function frame(): Css
    {
        $rim = $this->drift->rim;

        return Css::of(
            '{frame}{overflow:clip;view-timeline:--zp-d-{name} block{rim}}'
            .'{list}{transform:translateY(calc(-1*var(--z))){turned}}'
            .'{list}>li{animation:zp-d-{name} linear both;animation-timeline:--zp-d-{name};animation-range:{range}}'
            // Who goes through by keyboard scrolls the frame; nothing moves away from under the focus.
            .'{frame}:has(:focus-visible){overflow:auto;mask-image:none}{list}:has(:focus-visible){transform:none}{list}:has(:focus-visible)>li{animation:none}',
            [
                'list' => $this->list, 'frame' => $this->frame, 'name' => $this->name, 'turned' => $this->turned(),
                'range' => Css::of('cover 10% cover 90%'),
                'rim' => $rim === 0 ? Css::none() : Css::of(';mask-image:linear-gradient(#0000,#000 {rim}%,#000 {end}%,#0000)', ['rim' => $rim, 'end' => 100 - $rim]),
            ],
        );
    }

    /** Turned, and enlarged as each band says. */
    private function turned(): Css
    {
        return Css::of($this->isEnlarged() ? ' rotate({angle}deg) scale(var(--e))' : '', ['angle' => $this->drift->slant]);
    }

    private function isEnlarged(): bool
    {
        return $this->drift->slant !== 0 || $this->lanes === Lanes::Across;
    }

    /**
     * By how much it is enlarged, so that no corner of the frame stays empty: across its width, turned, the list has to
     * reach W cos α + H sin α, less what a row that moves sideways leaves empty behind it.
     *
     * @param  int  $high  px of the frame
     * @param  int  $narrowest  px of its width; there it is narrowest for its height
     */
    private function enlarged(int $high, int $narrowest): float
    {
        $angle = deg2rad(abs($this->drift->slant));
        $behind = $this->lanes === Lanes::Across ? 2 * $this->sideways() / 100 : 0.0;

        return (cos($angle) + $high / $narrowest * sin($angle)) / (1 - $behind);
    }

    private function sideways(): float
    {
        return self::SIDEWAYS * $this->drift->strength / 100;
    }

    /**
     * A band in which both heights hold, one after the other, is two; where the list is turned, phones are told from
     * what is narrower, since the narrowest of a part says how far it is enlarged.
     *
     * @return non-empty-list<WidthBand>
     */
    private function parts(WidthBand $band): array
    {
        $parts = [];
        $from = $band->from;
        foreach ($this->drift->slant === 0 ? [LayoutDesign::WIDE_FROM] : [self::PHONES, LayoutDesign::WIDE_FROM] as $cut) {
            if ($from < $cut && ($band->until === null || $band->until > $cut)) {
                $parts[] = new WidthBand($from, $cut);
                $from = $cut;
            }
        }

        return [...$parts, new WidthBand($from, $band->until)];
    }

    private function band(BandArrangement $band, WidthBand $part): Css
    {
        $high = $this->high($part);
        $whole = Css::longest($band->height, 'cqw');
        $way = $this->drift->way === DriftWay::With ? 1 : -1;

        return Css::all(
            Css::of('{frame}{height:{height}}{list}{--z:max(0px,({whole} - {high}px)/2);--y:calc(var(--z)*{strength})}', [
                'list' => $this->list, 'frame' => $this->frame, 'height' => $this->frameHeight($band, $part), 'high' => $high, 'whole' => $whole, 'strength' => $this->strength($way),
            ]),
            $this->isEnlarged() ? Css::of('{list}{--e:{e}}', ['list' => $this->list, 'e' => Css::number($this->enlarged($high, max(Arrangement::NARROWEST, $part->from)), 3)]) : Css::none(),
            $this->lanes === Lanes::Across ? Css::of('{list}{--x:{x}cqw}', ['list' => $this->list, 'x' => $way * $this->sideways()]) : Css::none(),
            $this->against($band),
        );
    }

    /** px of the frame in a part of a band. */
    private function high(WidthBand $part): int
    {
        return $part->from >= LayoutDesign::WIDE_FROM ? $this->drift->height : $this->drift->phoneHeight;
    }

    /** The frame is no higher than what is in it. */
    private function frameHeight(BandArrangement $band, WidthBand $part): Css
    {
        return Css::of('min({high}px,{whole})', ['high' => $this->high($part), 'whole' => Css::longest($band->height, 'cqw')]);
    }

    /** Of the way down: with lanes that go across, all of it, so that every row comes by. */
    private function strength(int $way): float
    {
        return $this->lanes === Lanes::Across ? 1.0 : $way * $this->drift->strength / 100;
    }

    private function against(BandArrangement $band): Css
    {
        if (! $this->drift->alternates) {
            return Css::none();
        }
        $tiles = [];
        foreach (DriftLanes::of($band, $this->lanes) as $i => $lane) {
            if ($lane % 2 === 1) {
                $tiles[] = Css::of('.zp-n{n}', ['n' => $i + 1]);
            }
        }

        return $tiles === [] ? Css::none() : Css::of('{list}>:is({tiles}){--l:-1}', ['list' => $this->list, 'tiles' => Css::list(...$tiles)]);
    }
}
