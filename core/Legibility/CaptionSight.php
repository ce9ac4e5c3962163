<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

/** How well the caption of one picture can be read, where it is hardest to read. */
final readonly class CaptionSight
{
    /**
     * @param  int  $place  of the item in its gallery
     * @param  float  $ratio  1 to 21
     * @param  int  $at  px of the gallery's inner width where it is so
     * @param  array{float, float, float, float}  $area  left, top, width, height; shares of the picture
     */
    public function __construct(public int $place, public float $ratio, public int $at, public array $area)
    {
    }
}
