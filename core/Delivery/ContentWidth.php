<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

use ZincPane\Core\Geometry\Linear;

/** How wide the place of a gallery is, told from the width of the visitor's window. */
final readonly class ContentWidth
{
    /** px of the widest window that is reckoned with. */
    public const WIDEST = 3840;

    /**
     * @param  non-empty-list<array{int, Linear}>  $steps  from which window width in px on which line holds, ascending from 0
     */
    private function __construct(public array $steps, private bool $isKnown)
    {
    }

    /** Whether the page was told, so that windows tell the width. */
    public function isKnown(): bool
    {
        return $this->isKnown;
    }

    /**
     * A page with a margin at both sides and a greatest width.
     *
     * @param  int  $margin  px at each side
     * @param  int  $greatest  px
     */
    public static function page(int $margin, int $greatest): self
    {
        return new self([
            [0, Linear::of(1, -2 * $margin)],
            [$greatest + 2 * $margin, Linear::px($greatest)],
        ], true);
    }

    /** Nothing is known: as wide as the window at most. */
    public static function unknown(): self
    {
        return new self([[0, Linear::of(1)]], false);
    }

    /** From one edge of the window to the other. */
    public static function window(): self
    {
        return new self([[0, Linear::of(1)]], true);
    }

    /**
     * The same, and nowhere wider.
     *
     * @param  int  $px  at most
     */
    public function capped(int $px): self
    {
        $from = $this->windowFor($px);
        if ($from === null) {
            return $this;
        }
        $narrower = array_values(array_filter($this->steps, static fn (array $step): bool => $step[0] < $from));

        return new self([...$narrower, [$from, Linear::px($px)]], $this->isKnown);
    }

    /**
     * In windows from a width on half as wide, with a gap between the halves; below as it is.
     *
     * @param  int  $window  px
     * @param  int  $gap  px
     */
    public function halvedFrom(int $window, int $gap): self
    {
        $steps = array_values(array_filter($this->steps, static fn (array $step): bool => $step[0] < $window));
        $half = static fn (Linear $line): Linear => $line->times(0.5)->plusPx(-$gap / 2);
        $steps[] = [$window, $half($this->lineAt($window))];
        foreach ($this->steps as [$from, $line]) {
            if ($from > $window) {
                $steps[] = [$from, $half($line)];
            }
        }

        return new self($steps, $this->isKnown);
    }

    /**
     * What is left of it inside of what stands at both its sides.
     *
     * @param  list<array{float, float}>  $sides  px of each, and the share of the window that it takes at most; 1 for any
     */
    public function within(array $sides): self
    {
        $starts = array_column($this->steps, 0);
        foreach ($sides as [$px, $share]) {
            $starts[] = $share < 1.0 ? (int) ceil($px / $share) : 0;
        }
        sort($starts);
        $steps = [];
        foreach (array_unique($starts) as $from) {
            $line = $this->lineAt($from);
            foreach ($sides as [$px, $share]) {
                $line = $line->minus($share < 1.0 && $from < $px / $share ? Linear::of(2 * $share) : Linear::px(2 * $px));
            }
            $steps[] = [$from, $line];
        }

        return new self($steps, $this->isKnown);
    }

    /** Inner width in px of a gallery in a window of a width in px. */
    public function at(float $window): float
    {
        return max(0.0, $this->lineAt($window)->at($window));
    }

    /**
     * The least and the greatest inner width in windows from one width to another.
     *
     * @param  int  $least  px of the window
     * @param  int  $most  px of the window
     * @return array{float, float} px
     */
    public function between(int $least, int $most): array
    {
        $widths = [$this->at($least), $this->at($most)];
        foreach ($this->steps as $i => [$from, $line]) {
            if ($from > $least && $from <= $most) {
                // Where one line ends and the next begins it may jump: from whole to half.
                array_push($widths, $line->at($from), $i === 0 ? $line->at($from) : $this->steps[$i - 1][1]->at($from));
            }
        }

        return [max(0.0, min($widths)), max(0.0, ...$widths)];
    }

    private function lineAt(float $window): Linear
    {
        $line = $this->steps[0][1];
        foreach ($this->steps as [$from, $next]) {
            if ($window >= $from) {
                $line = $next;
            }
        }

        return $line;
    }

    /** Inner width in px that no window exceeds; null where there is no such bound. */
    public function greatest(): ?int
    {
        [, $last] = $this->steps[count($this->steps) - 1];

        return $last->a > 0.0 ? null : (int) ceil($last->b);
    }

    /** The width in px from which a window leaves a gallery so many px; null where none does. */
    public function windowFor(int $inner): ?int
    {
        foreach ($this->steps as $i => [$from, $line]) {
            $until = $this->steps[$i + 1][0] ?? PHP_INT_MAX;
            $window = $line->a > 0.0 ? max($from, (int) ceil(($inner - $line->b) / $line->a)) : ($line->b >= $inner ? $from : PHP_INT_MAX);
            if ($window < $until) {
                return $window;
            }
        }

        return null;
    }
}
