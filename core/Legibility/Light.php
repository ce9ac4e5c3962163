<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

use ZincPane\Core\Colour\Luminance;
use ZincPane\Core\Finish\Captions;
use ZincPane\Core\Finish\Pointed;

/**
 * What becomes of a colour under a caption: grey, brightness, opacity over what is behind, tint, and the ground of the
 * caption, in the order and in the colours in which browsers do it (https://drafts.csswg.org/filter-effects/,
 * https://www.w3.org/TR/compositing-1/#simplealphacompositing); then its luminance.
 */
final class Light
{
    /** Share of the height of a caption from which its ground fades out. */
    public const SOLID = 0.6;

    /** @var array<int, array{list<float>, list<float>, list<float>}> parts of the luminance by value of each channel, by opacity of the ground in thousandths */
    private array $tables = [];

    private readonly float $grey;

    /**
     * @param  bool  $isPointed  as it is pointed at, else at rest
     * @param  array{int, int, int}  $behind  colour behind the picture
     */
    public function __construct(private readonly Pointed $pointed, private readonly Captions $captions, private readonly bool $isPointed, private readonly array $behind)
    {
        $this->grey = ($isPointed ? $pointed->grey : $pointed->restGrey) / 100;
    }

    /**
     * @param  string  $colours  red, green, blue of each, a byte each
     * @param  float  $ground  opacity of the caption's ground, 0 to 1
     * @return list<float> luminance of each, 0 to 1
     */
    public function of(string $colours, float $ground): array
    {
        [$reds, $greens, $blues] = $this->tables[(int) round(1000 * $ground)] ??= $this->made($ground);
        $lights = [];
        $count = strlen($colours);
        for ($at = 0; $at < $count; $at += 3) {
            [$red, $green, $blue] = [ord($colours[$at]), ord($colours[$at + 1]), ord($colours[$at + 2])];
            if ($this->grey > 0.0) {
                [$red, $green, $blue] = $this->greyed($red, $green, $blue);
            }
            $lights[] = $reds[$red] + $greens[$green] + $blues[$blue];
        }

        return $lights;
    }

    /**
     * https://drafts.csswg.org/filter-effects/#grayscaleEquivalent
     *
     * @return array{int, int, int}
     */
    private function greyed(int $red, int $green, int $blue): array
    {
        $light = $this->grey * (Luminance::RED * $red + Luminance::GREEN * $green + Luminance::BLUE * $blue);
        $keep = 1 - $this->grey;

        return [(int) round($keep * $red + $light), (int) round($keep * $green + $light), (int) round($keep * $blue + $light)];
    }

    /**
     * @return array{list<float>, list<float>, list<float>}
     */
    private function made(float $ground): array
    {
        $over = Luminance::channels($this->captions->ground);
        $tint = Luminance::channels($this->pointed->tint);
        $bright = ($this->isPointed ? $this->pointed->brightness : $this->pointed->restBrightness) / 100;
        $opacity = ($this->isPointed ? $this->pointed->opacity : $this->pointed->restOpacity) / 100;
        $tinted = $this->isPointed ? $this->pointed->tintOpacity / 100 : 0.0;
        $tables = [[], [], []];
        foreach ([Luminance::RED, Luminance::GREEN, Luminance::BLUE] as $channel => $weight) {
            for ($value = 0; $value < 256; $value++) {
                $seen = min(255.0, $value * $bright);
                $seen = $opacity * $seen + (1 - $opacity) * $this->behind[$channel];
                $seen = (1 - $tinted) * $seen + $tinted * $tint[$channel];
                $tables[$channel][] = $weight * Luminance::light((1 - $ground) * $seen + $ground * $over[$channel]);
            }
        }

        return $tables;
    }
}
