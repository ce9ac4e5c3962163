<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Measuring\Subject;

/** A picture, or the picture that stands for a video: words in force, and the files there are. */
final readonly class ShownPicture implements Shown
{
    /**
     * @param  string  $address  of its folder of renditions, without a closing slash
     * @param  list<Rendition>  $renditions  that exist
     * @param  ?ShownVideo  $video  that a click plays
     * @param  ?string  $colour  its own, as "#8090a0", shown while it loads; none where something shows through it
     * @param  bool  $hasAlpha  something shows through it
     * @param  bool  $moves  its WebP files do
     * @param  string  $ending  of the original's name: "jpg"; empty where it is not known
     */
    public function __construct(
        public Size $size,
        public FocalPoint $focal,
        public Words $words,
        public string $address,
        public array $renditions,
        public ?ShownVideo $video = null,
        public ?string $colour = null,
        public bool $hasAlpha = false,
        public bool $moves = false,
        public PictureFacts $facts = new PictureFacts,
        public string $ending = '',
    ) {
    }

    public function ratio(): Ratio
    {
        return $this->size->ratio();
    }

    public function words(): Words
    {
        return $this->words;
    }

    public function subject(): Subject
    {
        $files = [];
        foreach ($this->renditions as $rendition) {
            if ($rendition->format === Format::WebP && $rendition->bytes !== null) {
                $files[$rendition->width] = $rendition->bytes;
            }
        }

        return new Subject($this->ratio(), $this->size, $this->focal, $files);
    }

    /** The narrowest rendition that is at least so wide, else the widest; null where there is none. */
    public function smallest(int $width): ?Rendition
    {
        return Rendition::smallest($this->renditions, $width);
    }

    /**
     * Files in the format that everything shows which shows pictures at all.
     *
     * @return list<Rendition> from narrow to wide
     */
    public function fallbacks(): array
    {
        return array_values(array_filter($this->renditions, static fn (Rendition $one): bool => $one->format === Format::Jpeg));
    }

    /**
     * The widths there are as WebP, from narrow to wide.
     *
     * @return list<positive-int> px
     */
    public function widths(): array
    {
        $widths = [];
        foreach ($this->renditions as $rendition) {
            if ($rendition->format === Format::WebP) {
                $widths[] = $rendition->width;
            }
        }
        sort($widths);

        return $widths;
    }

    /** Its path from the top of what is published. */
    public function addressOf(Rendition $rendition): string
    {
        return $this->address.'/'.$rendition->fileName();
    }
}
