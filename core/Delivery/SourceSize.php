<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

use ZincPane\Core\Geometry\Linear;

/** How wide a picture is drawn from one width of the window on. */
final readonly class SourceSize
{
    /**
     * @param  int  $from  px of the window's width
     * @param  non-empty-list<Linear>  $lengths  in the window's width; of several the greatest where the picture covers its tile, else the least
     */
    public function __construct(public int $from, public array $lengths, public bool $isGreatest)
    {
    }
}
