<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/** A layout that is another one where the gallery is narrow. */
final readonly class NarrowLayout implements Layout
{
    /**
     * @param  positive-int  $from  px of the inner width from which on it is the wide one
     */
    public function __construct(private Layout $narrow, private Layout $wide, private int $from)
    {
    }

    public function arrange(array $pictures, array $large = []): Arrangement
    {
        return Arrangement::joined($this->narrow->arrange($pictures, $large), $this->wide->arrange($pictures, $large), $this->from);
    }

    public function bandAt(array $pictures, float $width, array $large = []): BandArrangement
    {
        return $width < $this->from ? $this->narrow->bandAt($pictures, $width, $large) : $this->wide->bandAt($pictures, $width, $large);
    }
}
