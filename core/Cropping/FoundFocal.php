<?php

declare(strict_types=1);

namespace ZincPane\Core\Cropping;

/** A focal point that was found, and whether one can rely on it. */
final readonly class FoundFocal
{
    /**
     * @param  bool  $isSure  whether what is worth looking at lies together at the point, and not all over the picture
     */
    public function __construct(public FocalPoint $point, public bool $isSure)
    {
    }
}
