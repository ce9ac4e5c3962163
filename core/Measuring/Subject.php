<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Markup\Shown;
use ZincPane\Core\Markup\ShownPicture;

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

    public static function of(Shown $item): self
    {
        if (! $item instanceof ShownPicture) {
            return new self($item->ratio(), null, FocalPoint::centre());
        }
        $files = [];
        foreach ($item->renditions as $rendition) {
            if ($rendition->format === Format::WebP && $rendition->bytes !== null) {
                $files[$rendition->width] = $rendition->bytes;
            }
        }

        return new self($item->ratio(), $item->size, $item->focal, $files);
    }
}
