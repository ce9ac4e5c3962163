<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Markup\Css;

/**
 * The `sizes` attribute: how wide a picture is drawn, by the width of the window.
 * (https://html.spec.whatwg.org/multipage/images.html#sizes-attributes)
 *
 * It tells the width of the picture, not of its tile: a picture that covers a taller tile is
 * drawn wider than the tile and cut.
 */
final class Sizes
{
    /** @var array<string, string> */
    private array $known = [];

    /** @var array<int, array{int, Linear, float}>|null */
    private ?array $stretches = null;

    /**
     * @param  int  $below  px of caption under each picture
     * @param  bool  $isBrief  tells each width by a single share of the window, right in the middle of its stretch and to a few per cent at its ends
     */
    public function __construct(
        private readonly Arrangement $arrangement,
        private readonly ContentWidth $content,
        private readonly bool $crops,
        private readonly int $below = 0,
        private readonly bool $isBrief = false,
    ) {
    }

    /**
     * @param  int  $index  of the tile, from 0
     */
    public function of(int $index, Ratio $picture): string
    {
        $lines = [];
        $key = '';
        foreach ($this->arrangement->bands as $band) {
            $width = $band->boxes->widths[$index];
            $line = $width->times($this->factor($picture, $width, $band->boxes->heights[$index], $band->middle()));
            $lines[] = $line;
            $key .= round($line->a, 4).','.round($line->b, 1).';';
        }

        return $this->known[$key] ??= $this->written($lines);
    }

    /** How many times as wide as its tile the picture is drawn; told in the middle of the band. */
    private function factor(Ratio $picture, Linear $width, Linear $height, float $at): float
    {
        $tile = max(1.0, $width->at($at)) / max(1.0, $height->at($at) - $this->below);
        $factor = $picture->value / $tile;
        if (abs($factor - 1) < 0.01) {
            return 1.0;
        }

        return $this->crops ? max(1.0, $factor) : min(1.0, $factor);
    }

    /**
     * @param  list<Linear>  $lines  by band
     */
    private function written(array $lines): string
    {
        $parts = [];
        foreach ($this->stretches ??= $this->stretches() as $start => [$band, $inner, $middle]) {
            $line = $lines[$band]->after($inner);
            $parts[$start] = $this->isBrief ? self::brief($line, $middle) : Css::length($line, 'vw', 1);
        }

        return self::joined($parts);
    }

    /**
     * Stretches of window widths in which one line holds: by the width in px they begin at, ascending,
     * the band, the inner width as a line in the window's, and the middle in px.
     *
     * @return array<int, array{int, Linear, float}>
     */
    private function stretches(): array
    {
        $stretches = [];
        foreach ($this->content->steps as $i => [$from, $inner]) {
            $end = $this->content->steps[$i + 1][0] ?? null;
            foreach (array_keys($this->arrangement->bands) as $band) {
                $start = $this->startOf($band, $inner, $from);
                if ($start !== null && ($end === null || $start < $end)) {
                    $stretches[$start] = [$band, $inner];
                }
            }
        }
        ksort($stretches);
        $starts = array_keys($stretches);
        $told = [];
        foreach ($starts as $i => $start) {
            $from = max($start, Arrangement::NARROWEST);
            $told[$start] = [...$stretches[$start], sqrt($from * max($from, $starts[$i + 1] ?? Arrangement::WIDEST))];
        }

        return $told;
    }

    private static function brief(Linear $line, float $middle): string
    {
        return abs($line->a) < 1e-9 ? Css::number($line->b, 0).'px' : Css::number(100 * $line->at($middle) / $middle, 1).'vw';
    }

    /** The window width in px at which a band begins under a line of the content; null when it is over before. */
    private function startOf(int $band, Linear $inner, int $from): ?int
    {
        $bounds = $this->arrangement->bands[$band]->band;
        if ($inner->a <= 0.0) {
            return $bounds->contains($inner->b) ? $from : null;
        }
        $until = $bounds->until === null ? null : ($bounds->until - $inner->b) / $inner->a;
        if ($until !== null && $until <= $from) {
            return null;
        }

        return max($from, (int) ceil(($bounds->from - $inner->b) / $inner->a));
    }

    /**
     * @param  array<int, string>  $parts  lengths by the window width they begin at, ascending
     */
    private static function joined(array $parts): string
    {
        $written = [];
        $last = null;
        foreach ($parts as $start => $length) {
            if ($length !== $last) {
                $written[] = $start > 0 ? "(min-width:{$start}px) {$length}" : $length;
                $last = $length;
            }
        }

        return implode(', ', array_reverse($written));
    }
}
