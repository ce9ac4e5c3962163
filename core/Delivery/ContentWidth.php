<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

use ZincPane\Core\Geometry\Linear;

/** How wide the place of a gallery is, told from the width of the visitor's window. */
final readonly class ContentWidth
{
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

    /** Inner width in px of a gallery in a window of a width in px. */
    public function at(float $window): float
    {
        $line = $this->steps[0][1];
        foreach ($this->steps as [$from, $next]) {
            if ($window >= $from) {
                $line = $next;
            }
        }

        return max(0.0, $line->at($window));
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
