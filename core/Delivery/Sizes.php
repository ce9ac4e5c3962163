<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;

/**
 * How wide a picture is drawn, by the width of the window: what the `sizes` attribute tells.
 * (https://html.spec.whatwg.org/multipage/images.html#sizes-attributes)
 *
 * It tells the width of the picture, not of its tile: a picture that covers a taller tile is
 * drawn wider than the tile and cut.
 */
final class Sizes
{
    /** px within which two widths are the same. */
    private const EVEN = 0.5;

    /** @var array<string, non-empty-list<SourceSize>> */
    private array $known = [];

    /** @var array<int, array{int, Linear}>|null */
    private ?array $stretches = null;

    public function __construct(
        private readonly Arrangement $arrangement,
        private readonly ContentWidth $content,
        private readonly bool $crops,
    ) {
    }

    /**
     * @param  int  $index  of the tile, from 0
     * @return non-empty-list<SourceSize> from narrow to wide; the very same list for pictures that are drawn alike
     */
    public function of(int $index, Ratio $picture): array
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

        return $this->known[$key] ??= $this->told($drawn);
    }

    /**
     * Whether a picture is drawn wider than its tile somewhere, and cut.
     *
     * @param  int  $index  of the tile, from 0
     */
    public function cuts(int $index, Ratio $picture): bool
    {
        foreach ($this->crops ? $this->arrangement->bands : [] as $band) {
            if (self::wider($band, $index, $picture)[0] <= -self::EVEN) {
                return true;
            }
        }

        return false;
    }

    /**
     * As wide as its tile, or as its shape makes it where it is as high as its tile: the greater of
     * both where it covers the tile, else the lesser; both where neither is so all along the band.
     *
     * @return non-empty-list<Linear>
     */
    private function drawn(BandArrangement $band, int $index, Ratio $picture): array
    {
        $place = $band->picture($index);
        $tile = $place->width;
        $whole = $place->height->times($picture->value);
        [$least, $most] = self::wider($band, $index, $picture);

        return match (true) {
            $least > -self::EVEN => [$this->crops ? $tile : $whole],
            $most < self::EVEN => [$this->crops ? $whole : $tile],
            default => [$tile, $whole],
        };
    }

    /**
     * By how much a tile is wider than its picture would be at its height, in a band.
     *
     * @return array{float, float} px at least and at most
     */
    private static function wider(BandArrangement $band, int $index, Ratio $picture): array
    {
        $place = $band->picture($index);
        $ends = array_map(static fn (float $inner): float => $place->width->at($inner) - $place->height->at($inner) * $picture->value, Arrangement::ends($band->band));

        return [min($ends), max($ends)];
    }

    /**
     * @param  list<non-empty-list<Linear>>  $drawn  by band
     * @return non-empty-list<SourceSize>
     */
    private function told(array $drawn): array
    {
        $sizes = [];
        foreach ($this->stretches ??= $this->stretches() as $start => [$band, $inner]) {
            $sizes[] = new SourceSize($start, array_map(static fn (Linear $line): Linear => $line->after($inner), $drawn[$band]), $this->crops);
        }

        return $sizes === [] ? [new SourceSize(0, [Linear::of(1)], $this->crops)] : $sizes;
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
}
