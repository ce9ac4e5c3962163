<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;

/** A picture as a gallery shows it: words in force, and the files there are. */
final readonly class ShownPicture
{
    /**
     * @param  string  $address  of its folder of renditions, without a closing slash
     * @param  list<Rendition>  $renditions  that exist
     */
    public function __construct(
        public Size $size,
        public FocalPoint $focal,
        public Words $words,
        public string $address,
        public array $renditions,
    ) {
    }

    public function addressOf(Rendition $rendition): string
    {
        return $this->address.'/'.$rendition->fileName();
    }
}
