<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

use ZincPane\Core\Colour\Luminance;
use ZincPane\Core\Finish\Captions;

/**
 * The least that brings all captions to what they need: a more solid ground, a ground that does not fade out, letters
 * of the other colour.
 */
final readonly class Mends
{
    /** By how much more than needed is aimed at: letters are not of the widths that were reckoned with, nor screens of the px. */
    private const SURE = 1.04;

    private const DARK = '#101417';

    /** Luminance of a ground from which dark letters stand out more than white ones. */
    private const MIDDLE = 0.18;

    /**
     * @param  array<int, non-empty-list<CaptionArea>>  $areas  by place
     * @param  list<int>  $order  of the places, the hardest to read first
     */
    public function __construct(private Judge $judge, private array $areas, private array $order, private float $needed)
    {
    }

    /**
     * @return list<CaptionMend> each of which mends all
     */
    public function of(Captions $captions): array
    {
        $mends = [];
        $solid = $this->leastOpacity($captions);
        if ($solid !== null) {
            $mends[] = new CaptionMend("Make it {$solid} %", ['opacity' => $solid]);
        }
        $even = $captions->fades ? $this->leastOpacity($captions->with(['fades' => false])) : null;
        if ($even !== null && ($solid === null || $even < $solid)) {
            $mends[] = new CaptionMend("An even ground, {$even} %", ['fades' => false, 'opacity' => $even]);
        }

        return $mends === [] ? $this->otherLetters($captions) : $mends;
    }

    /**
     * @return list<CaptionMend>
     */
    private function otherLetters(Captions $captions): array
    {
        $isDark = Luminance::of($captions->ground) < self::MIDDLE;
        $other = ['colour' => $isDark ? Captions::LETTERS : self::DARK, 'fades' => false];
        $opacity = $this->leastOpacity($captions->with($other));

        return $opacity === null ? [] : [new CaptionMend(($isDark ? 'White' : 'Dark')." letters, ground {$opacity} %", [...$other, 'opacity' => $opacity])];
    }

    /**
     * Picture by picture, the hardest first: most are satisfied with what that one needs.
     *
     * @return ?int per cent; null where even a solid ground is too little
     */
    private function leastOpacity(Captions $captions): ?int
    {
        $opacity = $captions->opacity;
        $solid = [];
        foreach ($this->order as $place) {
            if ($this->isEnough($place, $solid[$opacity] ??= $captions->with(['opacity' => $opacity]))) {
                continue;
            }
            [$low, $high] = [$opacity, 100];
            if (! $this->isEnough($place, $solid[$high] ??= $captions->with(['opacity' => $high]))) {
                return null;
            }
            while ($high - $low > 1) {
                $middle = intdiv($low + $high, 2);
                $this->isEnough($place, $solid[$middle] ??= $captions->with(['opacity' => $middle])) ? $high = $middle : $low = $middle;
            }
            $opacity = $high;
        }

        return $opacity;
    }

    private function isEnough(int $place, Captions $captions): bool
    {
        return $this->judge->sights([$place => $this->areas[$place]], $captions)[0]->ratio >= self::SURE * $this->needed;
    }
}
