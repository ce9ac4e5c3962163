<?php

declare(strict_types=1);

namespace App\Imaging;

/** One picture of a PNG that moves, as a PNG of its own. */
final readonly class PngFrame
{
    /**
     * @param  int  $x  px from the left of the whole
     * @param  int  $y  px from the top of the whole
     * @param  int  $milliseconds  that it is shown; 0 is as short as can be
     * @param  int  $disposal  what becomes of it before the next: 0 it stays, 1 its area is emptied, 2 its area is as before
     * @param  bool  $isOver  laid over what is there; else in its place
     */
    public function __construct(public string $png, public int $x, public int $y, public int $milliseconds, public int $disposal, public bool $isOver)
    {
    }
}
