<?php

declare(strict_types=1);

namespace ZincPane\Core\Geometry;

/** The longest of several lengths, at every inner width whichever it is there: where the lowest of some columns ends. */
final readonly class Longest
{
    /** A hair's difference is none; px. */
    private const HAIR = 0.005;

    /**
     * @param  non-empty-list<Linear>  $lines
     */
    private function __construct(public array $lines)
    {
    }

    public static function of(Linear $line): self
    {
        return new self([$line]);
    }

    /**
     * @param  list<Linear>  $lines
     * @param  float  $from  px of inner width from which they count
     * @param  float  $until  px
     * @return self those of which none is shorter than another all the way; nothing is 0 px
     */
    public static function among(array $lines, float $from, float $until): self
    {
        /** @var array<int, Linear> $longest */
        $longest = [];
        $isLonger = static fn (Linear $one, Linear $other): bool => $one->at($from) >= $other->at($from) - self::HAIR && $one->at($until) >= $other->at($until) - self::HAIR;
        foreach ($lines as $line) {
            foreach ($longest as $n => $known) {
                if ($isLonger($known, $line)) {
                    continue 2;
                }
                if ($isLonger($line, $known)) {
                    unset($longest[$n]);
                }
            }
            $longest[] = $line;
        }
        $longest = array_values($longest);

        return new self($longest === [] ? [Linear::px(0)] : $longest);
    }

    /** Its value in px at an inner width in px. */
    public function at(float $width): float
    {
        $most = $this->lines[0]->at($width);
        foreach ($this->lines as $line) {
            $most = max($most, $line->at($width));
        }

        return $most;
    }
}
