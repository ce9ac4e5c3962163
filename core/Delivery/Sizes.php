<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;
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
    /** px within which two widths are the same. */
    private const EVEN = 0.5;

    /** @var array<string, string> */
    private array $known = [];

    /** @var array<int, array{int, Linear}>|null */
    private ?array $stretches = null;

    /**
     * @param  int  $below  px of caption under each picture
     */
    public function __construct(
        private readonly Arrangement $arrangement,
        private readonly ContentWidth $content,
        private readonly bool $crops,
        private readonly int $below = 0,
    ) {
    }

    /**
     * @param  int  $index  of the tile, from 0
     */
    public function of(int $index, Ratio $picture): string
    {
        $drawn = [];
        $key = '';
        foreach ($this->arrangement->bands as $band) {
            $drawn[] = $lines = $this->drawn($band, $index, $picture);
            foreach ($lines as $line) {
                $key .= round($line->a, 4).','.round($line->b, 1).';';
            }
            $key .= '/';
        }

        return $this->known[$key] ??= $this->written($drawn);
    }

    /**
     * As wide as its tile, or as its shape makes it where it is as high as its tile: the greater of
     * both where it covers the tile, else the lesser; both where neither is so all along the band.
     *
     * @return non-empty-list<Linear>
     */
    private function drawn(BandArrangement $band, int $index, Ratio $picture): array
    {
        $tile = $band->boxes->widths[$index];
        $whole = $band->boxes->heights[$index]->plusPx(-$this->below)->times($picture->value);
        [$from, $until] = Arrangement::ends($band->band);
        $atStart = $tile->at($from) - $whole->at($from);
        $atEnd = $tile->at($until) - $whole->at($until);

        return match (true) {
            min($atStart, $atEnd) > -self::EVEN => [$this->crops ? $tile : $whole],
            max($atStart, $atEnd) < self::EVEN => [$this->crops ? $whole : $tile],
            default => [$tile, $whole],
        };
    }

    /**
     * @param  list<non-empty-list<Linear>>  $drawn  by band
     */
    private function written(array $drawn): string
    {
        $parts = [];
        foreach ($this->stretches ??= $this->stretches() as $start => [$band, $inner]) {
            // Exact to a px in windows of up to 2,000.
            $lengths = array_map(static fn (Linear $line): string => Css::length($line->after($inner), 'vw', 1), $drawn[$band]);
            $parts[$start] = count($lengths) === 1 ? $lengths[0] : ($this->crops ? 'max(' : 'min(').implode(', ', $lengths).')';
        }

        return self::joined($parts);
    }

    /**
     * Stretches of window widths in which one line holds: by the width in px they begin at, ascending,
     * the band, and the inner width as a line in the window's.
     *
     * @return array<int, array{int, Linear}>
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

        return $stretches;
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
