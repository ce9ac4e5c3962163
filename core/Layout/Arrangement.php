<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use LogicException;

/** Where every tile stands at every inner width: one set of boxes a band, without holes. */
final readonly class Arrangement
{
    /** The inner widths in px that a gallery is made for. */
    public const NARROWEST = 240;

    public const WIDEST = 2560;

    /**
     * @param  non-empty-list<BandArrangement>  $bands  from narrow to wide, the first from 0, the last without end
     */
    public function __construct(public array $bands)
    {
    }

    public function at(float $width): BandArrangement
    {
        foreach ($this->bands as $band) {
            if ($band->band->contains($width)) {
                return $band;
            }
        }
        throw new LogicException("No band holds {$width} px.");
    }
}
