<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

/** One smaller file of a picture: its width in px and its format. */
final readonly class Rendition
{
    /**
     * @param  positive-int  $width  px
     */
    public function __construct(public int $width, public Format $format)
    {
    }

    /** Its file name, the same wherever it stands: "540.webp". */
    public function fileName(): string
    {
        return $this->width.'.'.$this->format->value;
    }
}
