<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;

/** What measures need to know of one item of a gallery. */
final readonly class Subject
{
    /**
     * @param  ?Size  $size  of the picture, px; null for what is none
     * @param  array<int, int>  $files  bytes of its WebP files, by width in px
     */
    public function __construct(public Ratio $ratio, public ?Size $size, public FocalPoint $focal, public array $files = [])
    {
    }

    /** Something that takes room and is no picture. */
    public static function notAPicture(Ratio $ratio): self
    {
        return new self($ratio, null, FocalPoint::centre());
    }
}
